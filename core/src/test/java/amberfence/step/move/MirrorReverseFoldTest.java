package amberfence.step.move;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class MirrorReverseFoldTest {
    private static final Mirror EXACT = new Mirror(60, false);
    private static final Mirror TONAL = new Mirror(60, true);

    /** Chromatic and tonal inversion about C4 (Rahn, Basic Atonal Theory, 1980; Straus, Introduction to Post-Tonal Theory). */
    @Test
    void mirrorsExactlyAndByDegrees() {
        doing(EXACT).on("C4 E4 G4 A3").gives("C4 Ab3 F3 Eb4").because("mirrored about C4", "mirrored about C4",
                "mirrored about C4");
        doing(TONAL).on("C4 E4 G4 A3").gives("C4 A3 F3 E4");
        doing(TONAL).on("F#4").gives("Gb3");
        doing(EXACT).on("F#4").gives("Gb3");
    }

    /** The row of Schoenberg's op. 25 and its inversion from E (score; standard analyses). */
    @Test
    void invertsARowAsItsAnalysesSay() {
        Step aboutE = new Mirror(64, false);
        Line row = doing(aboutE).on("E4 F4 G4 Db4 Gb4 Eb4 Ab4 D4 B4 C4 A4 Bb4").outcome().out();
        assertThat(row.notes().stream().map(note -> note.pitch() % 12).toList())
                .containsExactly(4, 3, 1, 7, 2, 5, 0, 6, 9, 8, 11, 10);
    }

    /** The retrograde of B flat, A, C, B is its own inversion (arithmetic: 9 − x). */
    @Test
    void reversesThePitchesOverTheSameRhythm() {
        doing(Reverse.USUAL).on("Bb4:3 A4 C5:2 B4").gives("B4:3 C5 A4:2 Bb4");
        List<Integer> inverted = IntStream.of(10, 9, 0, 11).map(pitch -> Math.floorMod(9 - pitch, 12)).boxed().toList();
        assertThat(doing(Reverse.USUAL).on("Bb4 A4 C5 B4").outcome().out().notes().stream().map(note -> note.pitch() % 12)
                .toList()).isEqualTo(inverted);
    }

    @Test
    void reversesInTimeSoThatWhatEndedLastBeginsFirst() {
        doing(new Reverse(Reverse.What.TIME)).on("C4:3 r D4:2 E4").gives("E4 D4:2 r C4:3")
                .because("the line in reverse, from its end", "the line in reverse, from its end",
                        "the line in reverse, from its end");
        doing(new Reverse(Reverse.What.TIME)).on("C4 D4").as(Role.DRUMS).gives("D4 C4");
    }

    @Test
    void reversesOnlyWhatIsPicked() {
        doing(Reverse.USUAL).on("C4 D4 E4 F5").onlyOn("pitch C4 to C5").gives("E4 D4 C4 F5");
    }

    @Test
    void doneTwiceTheyAreUndone() {
        String tune = "C4 E4 [G3 B3] F#4:2 r C4";
        for (Step step : List.of(EXACT, TONAL, Reverse.USUAL, new Reverse(Reverse.What.TIME))) {
            doing(step).on(doing(step).on(tune).outcome().out()).gives(tune);
        }
    }

    @Test
    void whatTheMirrorWouldThrowOutOfMidiComesBackByOctaves() {
        doing(new Mirror(24, false)).on("C7").gives("C-1").finding("the pitch wanted for C7 is outside MIDI; C−1, the same note "
                + "in the nearest octave, is taken");
    }

    @Test
    void foldsIntoTheOctaveAroundANote() {
        // c − 6 to c + 5 around C4: F♯3 to F4.
        doing(Fold.around(60)).on("F#3 F4 F3 G4 C7 C2").gives("F#3 F4 F4 G3 C4 C4");
        doing(new Fold(48, 72)).on("C3 C5 C2 E6").gives("C3 C5 C3 E4");
        doing(Fold.USUAL).on("C4 D4").gives("C4 D4").because();
    }

    @Property(tries = 400)
    void foldsByAsFewOctavesAsWillDo(@ForAll @IntRange(max = 99) int lowest, @ForAll @IntRange(min = 11, max = 26) int span, @ForAll @IntRange(max = 127) int pitch) {
        Fold fold = new Fold(lowest, Math.min(127, lowest + span));
        List<Integer> allowed = new ArrayList<>();
        for (int candidate = pitch % 12; candidate < 128; candidate += 12) {
            if (candidate >= fold.lowest() && candidate <= fold.highest()) {
                allowed.add(candidate);
            }
        }
        int nearest = allowed.stream().min((a, b) -> Math.abs(a - pitch) - Math.abs(b - pitch)).orElseThrow();
        Line folded = doing(fold).on(Line.of(List.of(new Note(1, 0, 10, pitch, 80, 0, 64)))).outcome().out();
        assertThat(folded.notes().get(0).pitch()).as("%d into %s", pitch, fold).isEqualTo(nearest);
    }

    @Test
    void aRangeHoldsAnOctave() {
        assertThatThrownBy(() -> new Fold(60, 70)).hasMessage("a range to fold into spans at least an octave, as in F#3..F4, not C4..Bb4");
        assertThat(Fold.around(2)).isEqualTo(new Fold(0, 11));
        assertThat(Fold.around(127)).isEqualTo(new Fold(116, 127));
    }
}
