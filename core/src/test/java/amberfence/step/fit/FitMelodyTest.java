package amberfence.step.fit;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Role;
import amberfence.step.ChordSource;
import amberfence.step.Doing;
import amberfence.step.Fix;
import amberfence.step.Kept;
import amberfence.step.StepSlot;
import amberfence.step.StepWords;
import amberfence.step.fit.FitMelody.Mode;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class FitMelodyTest {
    private static final FitMelody CLASHES = FitMelody.USUAL.withMode(Mode.CLASHES);

    @Test
    void bringsStrongBeatsToChordNotesAndTheRestInside() {
        doing(FitMelody.USUAL).under("| C |").on("D4:2 F#4:2 G4:4").gives("E4:2 F4:2 G4:4")
                .because("on a strong beat: the third of C", "keeps the step; G4 would repeat its neighbour");
    }

    @Test
    void keepsTheShapeOfTheLineOnStrongBeatsToo() {
        // E4 is nearer to F4, and would flatten the step to the E4 that follows.
        doing(FitMelody.USUAL).under("| C |").on("F4:4 E4:4").gives("G4:4 E4:4").because("on a strong beat: the fifth of C");
    }

    @Test
    void aChordNoteOutsideTheScaleIsInsideUnderItsChord() {
        doing(FitMelody.USUAL).under("| D7 | G |").on("A4:2 F#4:2 D4:4 G4:2 F#4:2 G4:4").gives("A4:2 F#4:2 D4:4 G4:2 F4:2 G4:4");
    }

    /** Chord tones of ii–V–I, the first thing to practise over changes (Levine, The Jazz Theory Book, 1995; from memory). */
    @Test
    void strongBeatsOverATwoFiveOneTakeTheTableOfChordTones() {
        Map<Integer, List<Integer>> table = Map.of(0, List.of(2, 5, 9, 0), 1, List.of(7, 11, 2, 5), 2, List.of(0, 4, 7, 11));
        for (int pitch = 55; pitch < 80; pitch++) {
            String name = Doing.doing(FitMelody.USUAL).around().fence().spellingAt(0).pitch(pitch).plainText();
            var line = doing(FitMelody.USUAL).under("| Dm7 | G7 | Cmaj7 |").on((name + ":4 r:4 ").repeat(3)).outcome().out().notes();
            for (int bar = 0; bar < 3; bar++) {
                assertThat(table.get(bar)).contains(line.get(bar).pitch() % 12);
            }
        }
    }

    @Test
    void onlyListsWhatClashesAndHowToResolveIt() {
        // F over C: a semitone above the third, on the beat. A over G: no note of the chord. The F off the beat passes by.
        Doing done = doing(CLASHES).under("| C | G |").on("F4:4 r F4 r:2 A4:4 D4:4").gives("F4:4 r F4 r:2 A4:4 D4:4");
        assertThat(done.outcome().kept()).extracting(kept -> kept.note().pitch() + " " + kept.reason()).containsExactly(
                "65 Clashing[chord=C, member=third, down=OptionalInt[64], up=OptionalInt[67]]",
                "69 Clashing[chord=G, member=, down=OptionalInt[67], up=OptionalInt[71]]");
    }

    @Test
    void whatIsHeldForAMainBeatClashesOffTheBeatToo() {
        assertThat(doing(CLASHES).under("| C |").on("E4:3 F4:2").outcome().kept()).hasSize(1);
        assertThat(doing(CLASHES).under("| C |").on("E4:3 D4:2").outcome().kept()).as("a tone above clashes only on the beat").isEmpty();
    }

    @Test
    void aClashBringsItsWaysOutAsFixesThatDoWhatTheySay() {
        for (Kept open : doing(CLASHES).under("| C |").on("F4:4 E4:4").outcome().kept()) {
            assertThat(open.reason().isOpen()).isTrue();
            List<Fix> fixes = open.reason().fixes(open.note());
            assertThat(fixes).extracting(fix -> fix.name() + " " + fix.label().apply(StepWords.of(Key.parse("C major").spelling())))
                    .containsExactly("down E4", "up G4");
            StepSlot slot = StepSlot.of(1, CLASHES);
            List<Integer> led = new ArrayList<>();
            for (Fix fix : fixes) {
                StepSlot resolved = fix.edit().apply(slot);
                led.add(doing(CLASHES).resolved(resolved.resolved()).under("| C |").on("F4:4 E4:4").outcome().out().note(open.note().id())
                        .orElseThrow().pitch());
                assertThat(resolved.withLeft(open.note().id(), true)).as("left, it is open again").isEqualTo(slot);
                assertThat(resolved.renamed(id -> id + 10).resolved()).as("a copy of the line has other identities")
                        .isEqualTo(Map.of(open.note().id() + 10, fix.name()));
            }
            assertThat(led).containsExactly(64, 67);
        }
    }

    @Test
    void withoutChordsItSaysSoAndTheRestIsTreatedAsAskedFor() {
        doing(FitMelody.USUAL).on("F#4:4").gives("F#4:4")
                .finding("the song has no chords yet; put some on the progression strip, or read them from a part");
        doing(FitMelody.USUAL).under("| N.C. | C |").on("F#4:4 r:4 D4:4").gives("F4:4 r:4 E4:4");
        doing(FitMelody.USUAL.withSource(ChordSource.USUAL.withGaps(ChordSource.Gaps.LEAVE))).under("| N.C. | C |")
                .on("F#4:4 r:4 D4:4").gives("F#4:4 r:4 E4:4");
        doing(FitMelody.USUAL).under("| C |").as(Role.DRUMS).on("F4:4").gives("F4:4");
    }

    @Test
    void leavesWhatIsLeftByHandAndListsItSoThatItCanBeMovedAgain() {
        Doing left = doing(FitMelody.USUAL).under("| C |").on("D4:4 D4:4").leaving(1L).gives("D4:4 C4:4");
        assertThat(left.outcome().kept()).hasSize(1);
        doing(FitMelody.USUAL).under("| C |").on("D4:4 D4:4").onlyOn("every 2").gives("C4:4 D4:4");
    }
}
