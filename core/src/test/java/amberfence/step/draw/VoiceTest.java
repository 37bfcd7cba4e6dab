package amberfence.step.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.edit.Ensemble;
import amberfence.edit.VoiceParts;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Doing;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.SettingValues;
import amberfence.step.StepWords;
import amberfence.step.Typed;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 480 ticks a quarter, 4/4; a text's length of 1 is an eighth. */
class VoiceTest {
    private static final int KEYS = 1;
    /** The worked example of the rules. */
    private static final String CHORDS = "[C4 E4 G4]:4 [C4 F4 A4]:4 [B3 D4 G4]:4";

    private static Line line(String text) {
        return LineText.parse(text, Doing.UNIT, 0, 1);
    }

    private static Song song(Line keys) {
        Song song = Song.empty("x").plusEmptyPart("Keys", Role.CHORDS);
        int id = song.parts().get(0).id();
        assertThat(id).isEqualTo(KEYS);
        return song.withPart(id, part -> part.withTake(take -> take.withLine(keys))).withNextId(10_000).plusEmptyPart("Voice", Role.MELODY);
    }

    private static Outcome outcome(Song song, String settings) {
        Part voice = song.parts().get(song.parts().size() - 1);
        Song with = song.plusStep(voice.id(), Typed.step(Voice.SCHEMA, "from=1 " + settings));
        return PartResult.of(with, with.part(voice.id())).stages().get(0).outcome();
    }

    private static String names(Line line) {
        return line.notes().stream().map(note -> SettingValues.pitchText(note.pitch()) + "@" + note.start() / Doing.UNIT).collect(Collectors.joining(" "));
    }

    private static String voice(String keys, String settings) {
        return names(outcome(song(line(keys)), settings).out());
    }

    /** In three lines: G A G, E F D, C C B. */
    @ParameterizedTest
    @CsvSource({"line:1/3, G4@0 A4@4 G4@8", "line:2/3, E4@0 F4@4 D4@8", "line:3/3, C4@0 C4@4 B3@8", "lowest, C4@0 C4@4 B3@8", "highest, G4@0 A4@4 G4@8",
        "below:2, E4@0 F4@4 D4@8", "above:2, E4@0 F4@4 D4@8", "below:4, ''"})
    void takesAVoice(String which, String expected) {
        assertThat(voice(CHORDS, "which=" + which)).isEqualTo(expected);
    }

    @Test
    void withoutANoteOfItsOwnItRestsOrTakesTheNearest() {
        assertThat(voice("[C4 E4 G4]:4 [D4 F4]:4", "which=below:3")).isEqualTo("G4@0");
        assertThat(voice("[C4 E4 G4]:4 [D4 F4]:4", "which=below:3 gaps=double")).isEqualTo("G4@0 F4@4");
        assertThat(voice("[C4 E4 G4]:4 D4:4 [C4 E4 G4]:4", "which=line:1/3")).isEqualTo("G4@0 G4@8");
        assertThat(voice("[C4 E4 G4]:4 D4:4 [C4 E4 G4]:4", "which=line:1/3 gaps=double")).isEqualTo("G4@0 D4@4 G4@8");
    }

    /** The least sum of semitones over the whole part: D4 belongs to the line of C4 (2), not of E4 (2, equal: the upper), B3 to C4. */
    @Test
    void dividesByLeastMotionAndTheUpperLineTakesWhatIsEqual() {
        assertThat(voice("[C4 E4]:4 D4:4 [C4 E4]:4", "which=line:1/2")).isEqualTo("E4@0 D4@4 E4@8");
        assertThat(voice("[C4 E4]:4 B3:4 [C4 E4]:4", "which=line:2/2")).isEqualTo("C4@0 B3@4 C4@8");
        assertThat(voice("[C4 E4]:4 F4:4 [C4 E4]:4", "which=line:2/2")).isEqualTo("C4@0 C4@8");
    }

    @Test
    void aLineWhoseNoteSoundsOnTakesNoNewOneWhileAnotherIsFree() {
        Line held = Line.of(List.of(new Note(1, 0, 1920, 60, 80, 0, 64), new Note(2, 0, 480, 76, 80, 0, 64), new Note(3, 480, 480, 64, 80, 0, 64)));
        assertThat(names(outcome(song(held), "which=line:1/2").out())).isEqualTo("E5@0 E4@2");
    }

    @Test
    void withFewerLinesTheOutermostStayAndTheOthersAreListed() {
        Outcome outcome = outcome(song(line("[C4 E4 G4 B4]:4 [C4 E4 G4]:4")), "which=line:2/2");
        assertThat(names(outcome.out())).isEqualTo("C4@0 C4@4");
        assertThat(outcome.findings()).extracting((Finding finding) -> new StepWords(SettingValues::pitchText).sentence(finding))
                .containsExactly("3 inner notes are in none of the lines, of which there are 2; the first is G4");
    }

    /** From C4 to E1–E3 by the fewest octaves: C3. */
    @Test
    void bringsEachIntoARangeByOctavesAndJoinsRepeats() {
        assertThat(voice(CHORDS, "which=lowest range=E1..E3")).isEqualTo("C3@0 C3@4 B2@8");
        Outcome joined = outcome(song(line(CHORDS)), "which=lowest range=E1..E3 join=on");
        assertThat(names(joined.out())).isEqualTo("C3@0 B2@8");
        assertThat(joined.out().notes().get(0).length()).isEqualTo(8 * Doing.UNIT);
        assertThat(voice("C4:2 r:1 C4:1", "which=lowest join=on")).as("they do not touch").isEqualTo("C4@0 C4@3");
        assertThatThrownBy(() -> Typed.step(Voice.SCHEMA, "range=C3..E3")).hasMessageContaining("as in E1..E3");
    }

    @Test
    void standsInThePlaceOfWhatThePartHadAndOnItsChannel() {
        Song song = song(line(CHORDS));
        int voice = song.parts().get(1).id();
        Song held = song.withPart(voice, part -> part.withTake(take -> take.withLine(LineText.parse("C5 D5", Doing.UNIT, 7, 500))));
        Outcome outcome = outcome(held, "which=highest");
        assertThat(names(outcome.out())).isEqualTo("G4@0 A4@4 G4@8");
        assertThat(outcome.out().notes()).extracting(Note::channel).containsOnly(7);
    }

    @Test
    void followsThePartAndSaysWhenItIsGone() {
        Song song = song(line(CHORDS));
        Outcome gone = outcome(song.minusPart(KEYS), "which=lowest");
        assertThat(gone.findings()).containsExactly(new DrawFinding.NoPart());
        assertThat(outcome(song, "from=2 which=lowest").out().isEmpty()).as("a part may be its own source").isTrue();
    }

    @Test
    void commandsMakePartsThatFollowBehindTheirSource() {
        Song song = song(line(CHORDS)).minusPart(2);
        Song bass = VoiceParts.bass(song, KEYS);
        assertThat(bass.parts()).extracting(Part::name).containsExactly("Keys", "Keys, lowest");
        assertThat(names(PartResult.of(bass, bass.parts().get(1)).line())).isEqualTo("C2@0 B1@8");
        Song tune = VoiceParts.tune(song, KEYS);
        assertThat(names(PartResult.of(tune, tune.parts().get(1)).line())).isEqualTo("G4@0 A4@4 G4@8");
        Song four = VoiceParts.lines(song, KEYS, 4, Ensemble.STRINGS);
        assertThat(four.parts()).extracting(Part::name).containsExactly("Keys", "Keys, soprano", "Keys, alto", "Keys, tenor", "Keys, bass");
        assertThat(four.parts()).extracting(Part::channel).doesNotHaveDuplicates();
        assertThat(four.parts().get(3).sound().program()).hasValue(42);
        assertThat(four.part(KEYS).sound().muted()).isTrue();
        Song changed = four.withPart(KEYS, part -> part.withTake(take -> take.withLine(line("[C4 E4 G4 C5]:4"))));
        assertThat(changed.parts().stream().skip(1).map(part -> names(PartResult.of(changed, part).line()))).containsExactly("C5@0", "G4@0", "E4@0", "C4@0");
    }

    @Provide
    Arbitrary<List<List<Integer>>> chords() {
        return Arbitraries.integers().between(40, 80).set().ofMinSize(1).ofMaxSize(4).map(set -> set.stream().sorted().toList()).list().ofMinSize(1).ofMaxSize(7);
    }

    private static Line part(List<List<Integer>> chords) {
        return line(chords.stream().map(chord -> chord.stream().map(SettingValues::pitchText).collect(Collectors.joining(" ", "[", "]:2")))
                .collect(Collectors.joining(" ")));
    }

    /** With at least as many lines as notes every note lands in exactly one line. */
    @Property(tries = 80)
    void theLinesPutTogetherAreThePart(@ForAll("chords") List<List<Integer>> chords, @ForAll @IntRange(min = 4, max = 6) int lines) {
        Song song = song(part(chords));
        List<Note> together = new ArrayList<>();
        IntStream.rangeClosed(1, lines).forEach(i -> together.addAll(outcome(song, "which=line:" + i + "/" + lines).out().notes()));
        assertThat(together).extracting(note -> note.pitch() + "@" + note.start() + "+" + note.length())
                .containsExactlyInAnyOrderElementsOf(song.part(KEYS).line().notes().stream().map(note -> note.pitch() + "@" + note.start() + "+"
                        + note.length()).toList());
    }

    /** Against all ways to give the notes out, tried one by one. */
    @Property(tries = 200)
    void noOtherDivisionMovesLess(@ForAll("chords") List<List<Integer>> chords) {
        List<List<Integer>> few = chords.subList(0, Math.min(4, chords.size()));
        Song song = song(part(few));
        long motion = 0;
        for (int i = 1; i <= 4; i++) {
            List<Note> notes = outcome(song, "which=line:" + i + "/4").out().notes();
            for (int n = 1; n < notes.size(); n++) {
                motion += Math.abs(notes.get(n).pitch() - notes.get(n - 1).pitch());
            }
        }
        assertThat(motion).isEqualTo(least(few, 0, new int[] {-1, -1, -1, -1}));
    }

    private static long least(List<List<Integer>> chords, int at, int[] last) {
        if (at == chords.size()) {
            return 0;
        }
        List<Integer> chord = chords.get(at);
        long best = Long.MAX_VALUE;
        // Every choice of lines as bits; the notes go to them from low to high, lines counted from below.
        for (int bits = 0; bits < 16; bits++) {
            if (Integer.bitCount(bits) == chord.size()) {
                int[] now = last.clone();
                long motion = 0;
                int note = 0;
                for (int lineNumber = 0; lineNumber < 4; lineNumber++) {
                    if ((bits >> lineNumber & 1) == 1) {
                        motion += now[lineNumber] < 0 ? 0 : Math.abs(now[lineNumber] - chord.get(note));
                        now[lineNumber] = chord.get(note++);
                    }
                }
                best = Math.min(best, motion + least(chords, at + 1, now));
            }
        }
        return best;
    }
}
