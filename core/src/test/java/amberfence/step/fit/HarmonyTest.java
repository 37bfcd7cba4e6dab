package amberfence.step.fit;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.edit.ProgressionEdits;
import amberfence.reading.SoundingChords;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.step.Change;
import amberfence.step.fit.Harmony.Way;
import amberfence.theory.Chord;
import java.util.List;
import org.junit.jupiter.api.Test;

class HarmonyTest {
    private static Harmony harmony(Way way, String lines) {
        return new Harmony(way, HarmonyLine.parseAll(lines));
    }

    /** C for a bar, F for a bar: 1,920 ticks each, eight notes of the test's melodies. */
    private static SoundingChords chords() {
        Song song = ProgressionEdits.put(ProgressionEdits.put(Song.empty("x").plusEmptyPart("tune", Role.MELODY), 0, 1920,
                Chord.parse("C")), 1920, 3840, Chord.parse("F"));
        return SoundingChords.around(song, song.part(1));
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
                .map(change -> ((Change.Added) change).after().pitch()).toList();
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
        doing(harmony(Way.CHORD, "third above")).over(chords()).on("E4 D4 C4 r r r r r C4 A4")
                .gives("[E4 G4] [D4 G4] [C4 E4] r r r r r [C4 F4] [A4 C5]");
        doing(harmony(Way.CHORD, "sixth below")).over(chords()).on("C5").gives("[E4 C5]")
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
        var added = (Change.Added) doing(Harmony.USUAL).on("r C4:3").outcome().changes().get(0);
        var tune = doing(Harmony.USUAL).on("r C4:3").outcome().out().notes().get(0);
        assertThat(added.after().withPitch(tune.pitch()).withId(tune.id())).isEqualTo(tune);
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
        assertThatThrownBy(() -> new Harmony(Way.SCALE, List.of())).hasMessageContaining("at least one line");
    }
}
