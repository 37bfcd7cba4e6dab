package amberfence.step.fit;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Role;
import amberfence.step.Change;
import amberfence.step.fit.Harmony.Way;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HarmonyTest {
    private static Harmony harmony(Way way, String lines) {
        return Harmony.of(way, HarmonyLine.parseAll(lines));
    }

    @Test
    void addsThirdsAlongTheScale() {
        // The example of the design.
        doing(Harmony.USUAL).on("C4 D4 B4").gives("[C4 E4] [D4 F4] [B4 D5]")
                .because("up 2 degrees: 1 becomes 3", "up 2 degrees: 2 becomes 4", "up 2 degrees: 7 becomes 2");
    }

    /** In a major key thirds on 1, 4 and 5 are major, the others minor (Kostka and Payne, Tonal Harmony, ch. 1; from memory). */
    @Test
    void thirdsInAMajorKeyAreMajorOnOneFourAndFive() {
        List<Integer> sizes = doing(Harmony.USUAL).in("E major").on("E4 F#4 G#4 A4 B4 C#5 D#5").outcome().changes().stream()
                .map(change -> change.note().pitch()).toList();
        int[] tune = {64, 66, 68, 69, 71, 73, 75};
        int[] major = {4, 3, 3, 4, 4, 3, 3};
        for (int i = 0; i < tune.length; i++) {
            assertThat(sizes.get(i) - tune[i]).isEqualTo(major[i]);
        }
    }

    @Test
    void anOutsideNoteTakesTheHarmonyOfItsDegreeWithItsAlteration() {
        doing(Harmony.USUAL).on("F#4").gives("[F#4 A#4]").because("up 2 degrees: ♯4 becomes ♯6");
        doing(harmony(Way.SCALE, "sixth below")).in("A minor").on("A4 G#4").gives("[C4 A4] [B#3 G#4]");
    }

    @Test
    void exactLinesKeepTheSameSemitones() {
        doing(harmony(Way.EXACT, "third above")).on("C4 D4").gives("[C4 E4] [D4 F#4]").because("up 4 semitones", "up 4 semitones");
        doing(harmony(Way.EXACT_MINOR, "sixth below")).on("C5").gives("[E4 C5]").because("down 8 semitones");
        doing(harmony(Way.EXACT_MINOR, "fifth above, octave above")).on("C4").gives("[C4 G4 C5]");
    }

    @Test
    void severalLinesMakeChordsOfABassLine() {
        doing(harmony(Way.SCALE, "third above, fifth above")).on("C2 G2 A2").gives("[C2 E2 G2] [G2 B2 D3] [A2 C3 E3]");
    }

    @Test
    void takesTheNearestChordNoteAtLeastThatFar() {
        // Over C: E→G, D→G (F is no chord note), C→E. Over F, from the ninth note on: C→F (E is none), A→C.
        doing(harmony(Way.CHORD, "third above")).under("| C | F |").on("E4 D4 C4 r r r r r C4 A4")
                .gives("[E4 G4] [D4 G4] [C4 E4] r r r r r [C4 F4] [A4 C5]");
        doing(harmony(Way.CHORD, "sixth below")).under("| C | F |").on("C5").gives("[E4 C5]")
                .because("the nearest note of the chord, sixth below or farther");
    }

    @Test
    void goesAlongTheScaleAndSaysSoWhereThereIsNoChord() {
        doing(harmony(Way.CHORD, "third above")).on("C4").gives("[C4 E4]")
                .finding("the song has no chords yet; put some on the progression strip, or read them from a part");
    }

    @Test
    void copiesStartLengthAndVelocityAndAddsNothingTwice() {
        doing(Harmony.USUAL).on("C4:3 [C4 E4]").gives("[C4 E4]:3 [C4 E4 G4]");
        Change added = doing(Harmony.USUAL).on("r C4:3").outcome().changes().get(0);
        var tune = doing(Harmony.USUAL).on("r C4:3").outcome().out().notes().get(0);
        assertThat(added.note().withPitch(tune.pitch()).withId(tune.id())).isEqualTo(tune);
        assertThat(doing(Harmony.USUAL).on("[C4 E4]").outcome().kept()).hasSize(1);
    }

    @Test
    void staysWithinMidiAndLeavesDrumsAndNotesByHandAlone() {
        doing(harmony(Way.SCALE, "octave above")).on("G9").gives("G9");
        doing(harmony(Way.SCALE, "fifth above")).on("G9").gives("[D9 G9]")
                .finding("the pitch wanted for G9 is outside MIDI; D9, the same note in the nearest octave, is taken");
        doing(Harmony.USUAL).as(Role.DRUMS).on("C4").gives("C4");
        doing(Harmony.USUAL).on("C4 D4").leaving(2L).gives("[C4 E4] D4");
        doing(Harmony.USUAL).on("[C4 G4]").onlyOn("highest").gives("[C4 G4 B4]");
    }

    @Test
    void linesAreWrittenInWords() {
        assertThat(HarmonyLine.parse(" Third ABOVE ")).isEqualTo(new HarmonyLine(3, true)).hasToString("third above");
        assertThatThrownBy(() -> HarmonyLine.parse("3 up")).hasMessageContaining("as in third above");
        assertThatThrownBy(() -> new HarmonyLine(1, true)).hasMessageContaining("2 to 15");
        assertThatThrownBy(() -> harmony(Way.SCALE, "third above, third above")).hasMessageContaining("differs");
        assertThatThrownBy(() -> Harmony.of(Way.SCALE, List.of())).hasMessageContaining("at least one line");
    }

    @Test
    void standsInPlaceOfTheTuneForAPartOfItsOwn() {
        doing(Harmony.USUAL.withInstead(true)).on("C4 D4 B4").gives("E4 F4 D5")
                .because("up 2 degrees: 1 becomes 3", "up 2 degrees: 2 becomes 4", "up 2 degrees: 7 becomes 2");
        doing(harmony(Way.SCALE, "third above, octave below").withInstead(true)).on("C4").gives("[C3 E4]");
    }

    @Test
    void doesNotCrossTheTuneWhenAsked() {
        // A third above the lower of two notes would lie between them.
        doing(harmony(Way.SCALE, "third above")).on("[C4 F4]").gives("[C4 E4 F4 A4]");
        doing(harmony(Way.SCALE, "third above").withNoCrossing(true)).on("[C4 F4]").gives("[C4 F4 A4 E5]")
                .because("third above, up an octave so as not to cross the tune", "up 2 degrees: 4 becomes 6");
        doing(harmony(Way.SCALE, "third below").withNoCrossing(true)).on("[C4 F4]").gives("[D3 A3 C4 F4]");
    }

    @Test
    void holdsNotesThatTheNextChordHasToo() {
        Harmony below = harmony(Way.CHORD, "third below");
        doing(below).under("| C | F |").on("C5:8 F5:8").gives("[G4 C5]:8 [C5 F5]:8");
        doing(below.withHoldCommon(true)).under("| Am | F |").on("C5:8 D5:8").gives("[A4 C5]:8 [A4 D5]:8");
        doing(below.withHoldCommon(true)).under("| C | C |").on("C5:8 E5:8").gives("[G4 C5]:8 [G4 E5]:8")
                .because("the nearest note of the chord, third below or farther", "G4 is held: the chord has it too");
    }

    /** Bach, The Well-Tempered Clavier I, fugue in C (1722): the answer is the subject a fifth higher, exactly; from memory. */
    @Test
    void anExactFifthAboveIsTheRealAnswer() {
        doing(harmony(Way.EXACT, "fifth above").withInstead(true)).on("C4 D4 E4 F4 G4 F4 E4 A4 D4 G4")
                .gives("G4 A4 B4 C5 D5 C5 B4 E5 A4 D5");
    }

    /** A tonal answer gives the fifth the tonic, a fourth above, and not the second (Prout, Fugue, 1891; from memory). */
    @Test
    void overTheTonicChordTheFifthIsAnsweredByTheTonic() {
        doing(harmony(Way.EXACT, "fifth above").withInstead(true)).in("C minor").on("C4 G4").gives("G4 D5");
        doing(harmony(Way.CHORD, "fourth above").withInstead(true)).in("C minor").under("| Cm |").on("C4 G4").gives("G4 C5");
    }

    /** harmonising with chord tones: over C a third below G is E, over F the third below C is A (checks of the design, TR-13). */
    @Test
    void aThirdBelowToTheChordIsAChordNote() {
        doing(harmony(Way.CHORD, "third below").withInstead(true)).under("| C | F |").on("G4:8 C5:8").gives("E4:8 A4:8");
    }

    /** Scales that do not have seven notes: the inside note nearest to the usual size of the interval, of two equally near the smaller. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"C major pentatonic | third above | C4 | [C4 E4]",
        // F♯ would be a third above D: G lies a semitone from it, E two.
        "C major pentatonic | third above | D4 | [D4 G4]",
        // G♯ would be a third above E: G and A lie a semitone from it, and G is the smaller.
        "C major pentatonic | third above | E4 | [E4 G4]", "C major pentatonic | third above | G4 | [G4 C5]", "C major pentatonic | third above | A4 | [A4 C5]",
        "C major pentatonic | fifth above | C4 | [C4 G4]", "C major pentatonic | fifth above | E4 | [E4 C5]",
        // F♯ would be a second above E; E is nearer than any, but never the note itself.
        "C major pentatonic | second above | E4 | [E4 G4]", "C major pentatonic | octave above | E4 | [E4 E5]", "C whole tone | third above | C4 | [C4 E4]",
        "C whole tone | octave below | D4 | [D3 D4]", "C whole tone | fourth above | C4 | [C4 E4]", "C blues | third above | C4 | [C4 Eb4]",
        "C major pentatonic | sixth below | C5 | [E4 C5]", "C major pentatonic | tenth above | C4 | [C4 E5]"})
    void otherScalesHaveTheNearestNoteToTheIntervalsUsualSize(String key, String line, String note, String expected) {
        doing(harmony(Way.SCALE, line)).in(key).on(note).gives(expected);
    }

    @Test
    void anOctaveIsAnOctaveForOutsideNotesToo() {
        doing(harmony(Way.SCALE, "octave above")).in("C major pentatonic").on("F#4").gives("[F#4 F#5]");
    }

    @Test
    void linesThatMeetAreOneNoteAndListed() {
        doing(harmony(Way.EXACT, "octave above")).on("[C4 C5]").gives("[C4 C5 C6]").finding("two lines meet on C5 and are one note there");
        doing(harmony(Way.EXACT, "octave above")).on("[C4 C5] [D4 D5]").finding("2 times lines meet on one pitch and are one note there; the first is C5");
    }
}
