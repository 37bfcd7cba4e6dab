package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chords, their voicings and charts, single notes and lines as parts, typed as a person types them. A bar of the demo is 1440 ticks. */
class ChordsTypedTest extends Commands {
    private static final int NEW_PART = 5;

    /** The worked examples of drops are those that handbooks of arranging have; the others by hand. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Cmaj7 | drop 2 | 55 60 64 71", "Cmaj7 | drop 3 | 52 60 67 71", "Cmaj7 | drop 2,4 | 48 55 64 71", "C | invert 1 | 64 67 72",
        "C | invert -1 | 55 60 64", "C | octave -1 | 48 52 55", "C | fold C5 | 67 72 76", "C | top E | 55 60 64", "C | bottom G | 55 60 64",
        "C | 2: invert 1 | 60 64 67", "C | 1-2: invert 2 | 67 72 76", "C | usual | 60 64 67"})
    void playsTheChordsAsTheyAreVoiced(String chord, String voicing, String pitches) throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--progression", "| " + chord + " |", "--voicing", voicing, "--play-chords", "Keys")).as(complaint).isZero();
        assertThat(pitches(out, NEW_PART).stream().sorted().map(String::valueOf).collect(Collectors.joining(" "))).isEqualTo(pitches);
    }

    @Test
    void findsTheSmoothestWithinARangeOverAPedal() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--progression", "| C | F | G | C |", "--voicing", "smoothest range=C4..C6 pedal=G2", "--play-chords", "Keys"))
                .as(complaint).isZero();
        assertThat(pitches(out, NEW_PART)).allMatch(pitch -> pitch == 43 || pitch >= 60 && pitch <= 84);
        assertThat(notes(out, NEW_PART)).filteredOn(note -> note.pitch() == 43).extracting(note -> note.start() / 1440).containsExactly(0L, 1L, 2L, 3L);
    }

    @Test
    void aChartFromABarOnAndWhatIsWritten() throws Exception {
        Path chart = folder.resolve("chart.txt");
        Path sheet = folder.resolve("chart.cho");
        Path numerals = folder.resolve("numerals.txt");
        assertThat(run("apply", ferry, "--out", out, "--key", "D dorian", "--key", "17: F major", "--progression", "| i7 | IV7 |", "--progression", "17: | V7 | I |",
                "--play-chords", "Keys", "--chart", chart, "--numerals", numerals)).as(complaint).isZero();
        assertThat(Files.readString(chart)).startsWith("| Dm7 | G7 |").contains("| C7 | F |");
        assertThat(Files.readString(numerals)).startsWith("| i7 | IV7 |").contains("| V7 | I |");
        assertThat(notes(out, NEW_PART)).extracting(note -> note.start() / 1440).contains(0L, 1L, 16L, 17L).doesNotContain(2L, 15L);
        assertThat(run("apply", ferry, "--out", out, "--progression", "| Dm7 | G7 |", "--chart", sheet)).isZero();
        assertThat(Files.readString(sheet)).contains("{start_of_grid}\n| Dm7 | G7 |\n");
    }

    @Test
    void readsTheChordsWhenNoneAreGivenAndChangesNothingElse() throws Exception {
        Path chart = folder.resolve("chart.txt");
        assertThat(run("apply", ferry, "--out", out, "--chart", chart)).as(complaint).isZero();
        assertThat(Files.readString(chart)).startsWith("| Dm | G | Am7 | Cmaj7 |");
        assertThat(Files.readAllBytes(out)).isEqualTo(Files.readAllBytes(ferry));
        assertThat(run("apply", ferry, "--out", out, "--progression-from", 1, "--chart", chart)).isZero();
        assertThat(Files.readString(chart).lines().count()).isEqualTo(8);
    }

    /** Bar 2 of the tune has F♯ at its fourth eighth, bar 7 begins with C♯. */
    @Test
    void leavesSingleNotesOrAllButOne() throws Exception {
        List<Integer> before = pitches(ferry, 0);
        assertThat(run("apply", ferry, "--out", out, "--part", 0, "--key", "D dorian")).isZero();
        List<Integer> inside = pitches(out, 0);
        int first = before.indexOf(66);
        int second = before.indexOf(73);
        assertThat(inside.get(first)).isNotEqualTo(66);
        assertThat(run("apply", ferry, "--out", out, "--part", 0, "--key", "D dorian", "--leave", "2:4", "--leave", "7:1 C#5")).as(complaint).isZero();
        List<Integer> left = pitches(out, 0);
        assertThat(left.get(first)).isEqualTo(66);
        assertThat(left.get(second)).isEqualTo(73);
        assertThat(run("apply", ferry, "--out", out, "--part", 0, "--key", "D dorian", "--leave", "all", "--move", "7:1")).isZero();
        List<Integer> moved = new ArrayList<>(pitches(out, 0));
        assertThat(moved.get(second)).isNotEqualTo(73);
        moved.set(second, 73);
        assertThat(moved).isEqualTo(before);
        assertWrong("no note begins at 2:2", "apply", ferry, "--out", out, "--part", 0, "--key", "D dorian", "--leave", "2:2");
        assertWrong("it belongs to --leave all", "apply", ferry, "--out", out, "--key", "D dorian", "--move", "7:1");
    }

    @Test
    void linesOfAHarmonyArePartsOfTheirOwn() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--part", 0, "--key", "D dorian", "--harmony", "third above, sixth below", "--own-parts")).as(complaint).isZero();
        assertThat(pitches(out, 0)).as("the tune alone").isEqualTo(pitches(ferry, 0));
        assertThat(pitches(out, NEW_PART)).hasSize(79);
        assertThat(pitches(out, NEW_PART).get(0)).as("A4 and the third above it").isEqualTo(72);
        assertThat(pitches(out, NEW_PART + 1).get(0)).as("the sixth below").isEqualTo(60);
    }

    @Test
    void writesATableOfTheNotes() throws Exception {
        Path table = folder.resolve("notes.csv");
        assertThat(run("apply", ferry, "--out", out, "--notes", table)).isZero();
        assertThat(Files.readAllLines(table)).as("a head and 570 notes").hasSize(571).anyMatch(row -> row.startsWith("1,Fretless,2,1,0,1440,") && row.contains(",43,G2,"));
    }

    @Test
    void whatWouldBeIgnoredOrCannotBeIsTold() {
        assertWrong("--voicing would be ignored", "apply", ferry, "--out", out, "--voicing", "drop 2");
        assertWrong("is no way to voice chords", "apply", ferry, "--out", out, "--voicing", "sideways", "--play-chords", "Keys");
        assertWrong("drop says which voices", "apply", ferry, "--out", out, "--voicing", "drop C", "--play-chords", "Keys");
        assertWrong("smoothest has no setting", "apply", ferry, "--out", out, "--voicing", "smoothest speed=3", "--play-chords", "Keys");
        assertWrong("no voicing of C fits", "apply", ferry, "--out", out, "--progression", "| C |", "--voicing", "smoothest pedal=C7", "--play-chords", "Keys");
        assertWrong("run backwards", "apply", ferry, "--out", out, "--voicing", "8-5: close", "--play-chords", "Keys");
        assertWrong("bars are counted from 1", "apply", ferry, "--out", out, "--progression", "0: | C |", "--play-chords", "Keys");
        assertWrong("--own-parts would be ignored", "apply", ferry, "--out", out, "--own-parts");
        assertWrong("name the same file", "apply", ferry, "--out", out, "--chart", out);
        assertWrong("do not go with --out-dir", "apply", ferry, "--out-dir", folder, "--chart", folder.resolve("x.txt"));
    }
}
