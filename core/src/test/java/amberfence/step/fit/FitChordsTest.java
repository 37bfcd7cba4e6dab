package amberfence.step.fit;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.step.ChordSource.Gaps;
import amberfence.step.ChordSource;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.theory.Chord;
import java.util.List;
import org.junit.jupiter.api.Test;

class FitChordsTest {
    private static FitChords gaps(Gaps gaps) {
        return FitChords.USUAL.withSource(ChordSource.USUAL.withGaps(gaps));
    }

    /** Pitch, start and length in eighths. */
    private static List<String> notes(Outcome outcome) {
        return outcome.out().notes().stream().map(note -> note.pitch() + "@" + note.start() / Doing.UNIT + ":"
                + note.length() / Doing.UNIT).toList();
    }

    @Test
    void movesToTheNewChordWithTheLeastMotion() {
        doing(FitChords.USUAL).under("| F |").on("[C4 E4 G4]:8").gives("[C4 F4 A4]:8")
                .because("the root of F", "the third of F");
        doing(FitChords.USUAL).under("| C |").on("[C4 E4 G4]:8").gives("[C4 E4 G4]:8").because();
    }

    /** The guide tones of ii–V–I move by semitones: F C, F B, E B (Levine, The Jazz Piano Book, 1989; from memory). */
    @Test
    void thirdsAndSeventhsOfATwoFiveOneMoveByTwoSemitonesInAll() {
        doing(FitChords.USUAL).under("| Dm7 | G7 | Cmaj7 |").on("[F4 C5]:8 [F4 C5]:8 [F4 B4]:8")
                .gives("[F4 C5]:8 [F4 B4]:8 [E4 B4]:8");
    }

    @Test
    void goesByTimeSoThatCountsNeedNotAgree() {
        // Three chords in the part, five in the progression: what is struck answers to the chord that rules there.
        doing(FitChords.USUAL).under("| C Am | F G | C |").on("[C4 E4 G4]:4 [C4 E4 G4]:8 [C4 E4 G4]:4 [C4 E4 G4]:4")
                .gives("[C4 E4 G4]:4 [C4 E4 A4]:8 [B3 D4 G4]:4 [C4 E4 G4]:4");
    }

    @Test
    void aNoteALittleEarlyBelongsToTheChordThatFollows() {
        var early = doing(FitChords.USUAL).under("| C | F |").on("r:8 [C4 E4 G4]:8").outcome().out().notes().stream()
                .map(note -> note.withStart(note.start() - 50)).toList();
        Outcome outcome = doing(FitChords.USUAL).under("| C | F |").on(Line.of(early)).outcome();
        assertThat(outcome.out().notes()).extracting(Note::pitch).containsExactly(60, 65, 69);
        assertThat(outcome.out().notes()).extracting(Note::start).containsOnly(1870L);
    }

    @Test
    void keepsStrikesAgainOrCutsWhatIsHeldAcrossAChange() {
        Doing held = doing(FitChords.USUAL).under("| C | F |").on("[C4 E4 G4]:16");
        assertThat(notes(held.outcome())).containsExactly("60@0:16", "64@0:16", "67@0:16");
        assertThat(notes(doing(FitChords.USUAL.withHeld(Held.RESTRIKE)).under("| C | F |").on("[C4 E4 G4]:16").outcome()))
                .containsExactly("60@0:8", "64@0:8", "67@0:8", "60@8:8", "65@8:8", "69@8:8");
        Doing split = doing(FitChords.USUAL.withHeld(Held.SPLIT)).under("| C | F |").on("[C4 E4 G4]:16");
        assertThat(notes(split.outcome())).containsExactly("60@0:16", "64@0:8", "67@0:8", "65@8:8", "69@8:8");
        split.because("the third of C, cut where F begins", "the root of F", "the fifth of C, cut where F begins",
                "the third of F");
    }

    @Test
    void theLowestTakesTheChordsBassWhenAsked() {
        doing(FitChords.USUAL.withBass(true)).under("| G/B |").on("[C4 E4 G4]:8").gives("[B3 D4 G4]:8");
        doing(FitChords.USUAL.withBass(true)).under("| F/G |").on("[C4 E4 G4 C5]:8").gives("[G3 F4 A4 C5]:8");
    }

    @Test
    void takesAnArpeggioTogetherSoThatDifferentNotesStayDifferent() {
        doing(FitChords.USUAL).under("| F |").on("C4 E4 G4 E4 C4 E4 G4 E4").gives("C4 F4 A4 F4 C4 F4 A4 F4");
        doing(FitChords.USUAL).under("| F |").on("C4 E4 G4 C5 C4 E4 G4 C5").gives("C4 F4 A4 C5 C4 F4 A4 C5");
    }

    @Test
    void threeVoicesOnASixNoteChordAndSixOnATriad() {
        Outcome few = doing(FitChords.USUAL).under("| G13 |").on("[C4 E4 G4]:8").outcome();
        assertThat(few.out().notes()).extracting(note -> note.pitch() % 12).contains(11, 5).hasSize(3);
        doing(FitChords.USUAL).under("| F |").on("[C3 G3 C4 E4 G4 C5]:8").gives("[C3 F3 C4 F4 A4 C5]:8");
    }

    @Test
    void saysWhenThereIsNoChordAtAll() {
        doing(FitChords.USUAL).on("[C#4 E4]").gives("[C#4 E4]")
                .finding("the song has no chords yet; put some on the progression strip, or read them from a part");
        doing(FitChords.USUAL.withSource(ChordSource.of(9).withGaps(ChordSource.Gaps.HOLD))).under("| C |").on("F#4").gives("F#4")
                .finding("the part from which the chords are to come plays none; choose another, or the progression");
    }

    @Test
    void theLastChordHoldsOrTheScaleCountsOrNothing() {
        doing(gaps(Gaps.HOLD)).under("| F | N.C. |").on("r:8 [C4 E4 G4]:8").gives("r:8 [C4 F4 A4]:8");
        doing(gaps(Gaps.SCALE)).under("| F | N.C. |").on("r:8 [C#4 E4 G4]:8").gives("r:8 [C4 E4 G4]:8")
                .because("no chord holds here; C4 is the nearest note of the scale")
                .finding("3 notes lie where there is no chord; only the scale counts there");
        doing(gaps(Gaps.LEAVE)).under("| F | N.C. |").on("r:8 [C#4 E4]:8").gives("r:8 [C#4 E4]:8").finding("2 notes lie where "
                + "there is no chord; left alone. Let the last chord hold, or the scale count, to change that");
    }

    @Test
    void beforeTheFirstChordTheScaleCounts() {
        doing(FitChords.USUAL).under("| N.C. | F |").on("[C#4 E4]:8 [C4 E4]:8").gives("[C4 E4]:8 [C4 F4]:8")
                .finding("2 notes lie where there is no chord; only the scale counts there");
    }

    @Test
    void aChordOfOneTickRulesNoNoteThatGoesOn() {
        var tick = new Progression(List.of(ChordSpan.of(1, 0, 1, Chord.parse("F#")),
                ChordSpan.of(2, 1, 1920, Chord.parse("F"))));
        doing(FitChords.USUAL).under(tick).on("[C4 E4 G4]:8").gives("[C4 F4 A4]:8");
    }

    @Test
    void staysWithinMidiAndLeavesDrumsAndNotesByHandAlone() {
        doing(FitChords.USUAL).under("| F |").on("[E9 G9]:8 [C-1 E-1]:8").gives("[F9 C9]:8 [C-1 F-1]:8");
        doing(FitChords.USUAL).under("| F |").as(Role.DRUMS).on("[E4 G4]:8").gives("[E4 G4]:8");
        doing(FitChords.USUAL).under("| F |").on("[C4 E4 G4]:8").leaving(2L).gives("[C4 E4 A4]:8");
        doing(FitChords.USUAL).under("| F |").on("[C4 E4 G4]:8").onlyOn("highest").gives("[C4 E4 F4]:8");
    }
}
