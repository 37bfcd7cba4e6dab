package amberfence.step.draw;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.reading.BeatPlace;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnLineTest {
    private static final PitchClassSet INSIDE = Key.parse("C major").pitchClasses();

    private static Doing line(String settings) {
        return doing(Typed.step(OwnLine.SCHEMA, settings)).under("| C | F |").in("C major");
    }

    private static List<Long> starts(Outcome outcome) {
        return outcome.out().notes().stream().map(Note::start).toList();
    }

    /** Rhythms of Toussaint, The Euclidean algorithm generates traditional musical rhythms (2005), section 4, from memory. */
    @ParameterizedTest
    @CsvSource({"2, 5, x.x..", "3, 4, x.xx", "3, 5, x.x.x", "3, 7, x.x.x..", "3, 8, x..x..x.", "4, 7, x.x.x.x", "4, 9, x.x.x.x..", "4, 11, x..x..x..x.",
        "5, 6, x.xxxx", "5, 7, x.xx.xx", "5, 8, x.xx.xx.", "5, 9, x.x.x.x.x", "5, 11, x.x.x.x.x..", "5, 12, x..x.x..x.x.", "5, 16, x..x..x..x..x...",
        "7, 8, x.xxxxxx", "7, 12, x.xx.x.xx.x.", "7, 16, x..x.x.x..x.x.x.", "9, 16, x.xx.x.x.xx.x.x."})
    void spreadsBeatsAsEvenlyAsCanBe(int beats, int cells, String expected) {
        assertThat(EvenRhythm.of(beats, cells).stream().map(sounds -> sounds ? "x" : ".").collect(Collectors.joining())).isEqualTo(expected);
    }

    @Test
    void fillsAnEmptyPartToTheEndOfTheSongsLastBar() {
        Outcome outcome = line("rhythm=every:1/8").on(Line.EMPTY).outcome();
        assertThat(starts(outcome)).hasSize(16).startsWith(0L, 240L).endsWith(3600L);
        assertThat(outcome.out().notes()).extracting(Note::length).as("90 % of the way to the next").containsOnly(216L);
        assertThat(doing(Typed.step(OwnLine.SCHEMA, "")).on(Line.EMPTY).outcome().out().isEmpty()).as("a song with nothing in it has no end").isTrue();
    }

    @Test
    void standsInThePlaceOfWhatThePartHad() {
        Outcome outcome = line("rhythm=every:1/4").on("r:2 C4 E4 G4 C5").outcome();
        assertThat(starts(outcome)).containsExactly(480L, 960L);
        assertThat(outcome.changes()).filteredOn(change -> change.isRemoved()).hasSize(4);
    }

    /** 3 over 8 turned by one is .x..x..x, and runs on over bar lines. */
    @Test
    void anEvenRhythmRunsOnOverBarLinesAndIsTurned() {
        assertThat(starts(line("rhythm=even:3/8@1").on(Line.EMPTY).outcome())).containsExactly(240L, 960L, 1680L, 2160L, 2880L, 3600L);
        assertThat(starts(line("rhythm=even:5/16@0").on(Line.EMPTY).outcome())).hasSize(5).containsExactly(0L, 720L, 1440L, 2160L, 2880L);
        TimeMap seven = new TimeMap(480, List.of(new Tempo(0, 500_000)), List.of(new Metre(0, 7, 8)));
        assertThat(starts(doing(Typed.step(OwnLine.SCHEMA, "rhythm=even:3/8@0")).in(seven).on("C4:14").outcome())).containsExactly(0L, 720L, 1440L, 1920L, 2640L);
    }

    @Test
    void byChanceEachCellIsItsOwnThrow() {
        List<Long> some = starts(line("rhythm=density:50% grid=1/16").on(Line.EMPTY).outcome());
        assertThat(some).hasSizeBetween(6, 26).isEqualTo(starts(line("rhythm=density:50% grid=1/16").on(Line.EMPTY).outcome()))
                .isNotEqualTo(starts(line("rhythm=density:50% grid=1/16 seed=2").on(Line.EMPTY).outcome()));
        assertThat(starts(line("rhythm=density:100% grid=1/4").on(Line.EMPTY).outcome())).hasSize(8);
        assertThat(starts(line("rhythm=density:0%").on(Line.EMPTY).outcome())).isEmpty();
    }

    @Test
    void keepsToTheChordsOnStrongBeatsAndStepsBetween() {
        for (int seed = 1; seed < 20; seed++) {
            List<Note> notes = line("pitches=chords seed=" + seed).on(Line.EMPTY).outcome().out().notes();
            for (int i = 0; i < notes.size(); i++) {
                Note note = notes.get(i);
                String chord = note.start() < 1920 ? "C E G" : "F A C";
                if (BeatPlace.of(note.start(), TimeMap.usual(480)).isStrong()) {
                    assertThat(chord).contains(Key.parse("C major").spelling().pitch(note.pitch()).text().substring(0, 1));
                } else {
                    assertThat(Math.abs(note.pitch() - notes.get(i - 1).pitch())).isLessThanOrEqualTo(2);
                }
            }
        }
        doing(Typed.step(OwnLine.SCHEMA, "pitches=chords")).on(Line.EMPTY)
                .finding("the song has no chords yet; put some on the progression strip, or read them from a part");
    }

    @Test
    void saysWhatASettingMayBe() {
        assertThatThrownBy(() -> Typed.step(OwnLine.SCHEMA, "rhythm=even:9/8")).hasMessageContaining("1 to 8");
        assertThatThrownBy(() -> Typed.step(OwnLine.SCHEMA, "velocity=100..70")).hasMessageContaining("70..100");
        assertThatThrownBy(() -> Typed.step(OwnLine.SCHEMA, "range=C4..E4")).hasMessageContaining("C4..C5");
    }

    /** Inside by construction, in the range, no leap beyond what is allowed, velocities within theirs. */
    @Property(tries = 200)
    void walksInsideWithinItsRange(@ForAll @IntRange(max = 8) int leap, @ForAll @IntRange(min = 1, max = 10_000) int seed) {
        List<Note> notes = line("rhythm=every:1/16 range=G3..D5 velocity=60..70 leap=" + leap + " seed=" + seed).on(Line.EMPTY).outcome().out().notes();
        List<Integer> places = IntStream.rangeClosed(55, 74).filter(INSIDE::containsPitch).boxed().toList();
        for (int i = 0; i < notes.size(); i++) {
            assertThat(places).contains(notes.get(i).pitch());
            assertThat(notes.get(i).velocity()).isBetween(60, 70);
            if (i > 0) {
                assertThat(Math.abs(places.indexOf(notes.get(i).pitch()) - places.indexOf(notes.get(i - 1).pitch()))).isLessThanOrEqualTo(leap);
            }
        }
    }
}
