package amberfence.step.fence;

import static amberfence.step.fence.Bringing.bringing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Role;
import amberfence.step.Change;
import amberfence.step.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The worked examples of the rules of the music, and what surrounds them. Common practice, no source. */
class BringInsideTest {
    @ParameterizedTest
    @CsvSource({
        "C4 D4 E4 F#4 G4, C4 D4 E4 F4 G4",
        "G4 F#4 G4,       G4 F4 G4",
        "A4 G#4 A4 B4,    A4 G4 A4 B4",
        "G4 Ab4 G4,       G4 A4 G4",
        "B3 C#4 D4,       B3 C4 D4",
    })
    void keepsTheShapeOfALineInCMajor(String line, String becomes) {
        bringing(line).in("C major").gives(becomes);
    }

    @Test
    void takesTheLowerNoteAndListsTheLostStepWhenNoInsideNoteLiesBetween() {
        bringing("F4 F#4 G4").in("C major").gives("F4 F4 G4")
                .finding("a step lost: F4 now repeats, as no inside note lies between; leave one of the two alone, "
                        + "or allow its pitch");
    }

    @Test
    void bringsARaisedFourthDownWhenTheLineRises() {
        bringing("C4 D4 E4 F#4 G4").in("C major").because("keeps the step; G4 would repeat its neighbour");
    }

    @Test
    void keepsARepeatedNoteRepeated() {
        bringing("C4 F#4 F#4 F#4").in("C major").gives("C4 F4 F4 F4");
    }

    @ParameterizedTest
    @CsvSource({
        "DOWN, F#4, E4", "DOWN, B4, A4", "UP, F4, G4", "UP, C#4, D4",
        "NEAREST, F4, E4", "NEAREST, F#4, G4", "NEAREST, A#4, A4", "NEAREST, B4, C5",
    })
    void goesWhereItIsToldInCMajorPentatonic(MoveTo moveTo, String note, String becomes) {
        bringing(note).in("C major pentatonic").to(moveTo).gives(becomes);
    }

    @Test
    void movesToTheFartherSideOnlyWhenThatSavesAStep() {
        bringing("E4 F4 E4").in("C major pentatonic").to(MoveTo.LINE_FIRST).gives("E4 G4 E4");
        bringing("E4 F4 E4").in("C major pentatonic").gives("E4 E4 E4").because("E4 is nearer than G4");
        bringing("E4 F4 E4").in("C major pentatonic").ties(TieBreak.DOWN).gives("E4 E4 E4");
    }

    /** G lies a semitone below A♭ and two above F; the shape of the line has no say. */
    @Test
    void nearestIsNearestWhateverTheLineDoes() {
        bringing("Ab4 G4 Ab4").in("Ab major blues").gives("Ab4 Ab4 Ab4");
        bringing("Ab4 G4 Ab4").in("Ab major blues").to(MoveTo.LINE_FIRST).gives("Ab4 F4 Ab4");
    }

    @Test
    void keepsTwoNotesOfAChordApart() {
        bringing("[F4 F#4]").in("C major").gives("[F4 G4]").because("F4 already sounds at that time");
        bringing("[F#4 G4]").in("C major").gives("[F4 G4]");
        bringing("[F#4 G#4]").in("C major").gives("[F4 G4]");
    }

    @Test
    void listsTwoNotesThatCannotBeKeptApart() {
        bringing("[F4 F#4 G4]").in("C major").gives("[F4 F4 G4]").finding(
                "F4 sounds twice at once; leave one of the two where it was, or move one");
        bringing("[F4 F#4]").in("C major").ties(TieBreak.DOWN).gives("[F4 F4]").finding(
                "F4 sounds twice at once; leave one of the two where it was, or move one");
    }

    @Test
    void treatsTheVoicesOfChordsAsLinesOfTheirOwn() {
        bringing("[C4 G4] [C4 F#4] [C4 G4]").in("C major").gives("[C4 G4] [C4 F4] [C4 G4]");
        bringing("[C4 G4] [C#4 G4] [D4 G4]").in("C major").gives("[C4 G4] [C4 G4] [D4 G4]");
    }

    @Test
    void leavesOutAndLists() {
        Outcome outcome = bringing("C4 F#4 G4").in("C major").to(MoveTo.LEAVE_OUT).gives("C4 r G4").outcome();
        assertThat(outcome.changes()).singleElement().matches(Change::isRemoved);
    }

    @Test
    void tiesGoDownOrUpEachByItself() {
        bringing("G4 F#4 G4 Eb4").in("C major").ties(TieBreak.DOWN).gives("G4 F4 G4 D4");
        bringing("G4 F#4 G4 Eb4").in("C major").ties(TieBreak.UP).gives("G4 G4 G4 E4")
                .because("F4 and G4 are equally near; up decides", "D4 and E4 are equally near; up decides");
    }

    @Test
    void leavesAllowedPitchClassesAndNotesLeftByHandAlone() {
        bringing("C4 F#4 C#4").in("C major").allowing(6).gives("C4 F#4 D4");
        Outcome outcome = bringing("C4 F#4 C#4").in("C major").leaving(2L).gives("C4 F#4 D4").outcome();
        assertThat(outcome.kept()).extracting(kept -> kept.note().id()).containsExactly(2L);
        assertThat(outcome.untouched()).isEqualTo(1);
    }

    @Test
    void leavesDrumsAlone() {
        bringing("C4 F#4").in("C major").as(Role.DRUMS).gives("C4 F#4")
                .finding("2 drum notes are left alone: they name instruments, not pitches. Change the part's role if it "
                        + "is no drum part");
    }

    @Test
    void takesTheOtherDirectionAtTheEndsOfTheRange() {
        bringing("C-1 C#-1").in("D 0 4 7").to(MoveTo.DOWN).gives("D-1 D-1");
        bringing("G9").in("C 0 4").to(MoveTo.UP).gives("E9").finding(
                "no inside note lies on that side of G9; the other side is taken");
    }

    @Test
    void givesTheSameLineBackWhenThereIsNothingToDo() {
        Bringing bringing = bringing("C4 E4 G4").in("C major");
        assertThat(bringing.outcome().changes()).isEmpty();
        bringing("").in("C major").gives("");
    }
}
