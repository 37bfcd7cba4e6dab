package amberfence.step.draw;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.step.Change;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 480 ticks a quarter, 4/4; a text's length of 1 is an eighth. What is expected stands in the rules of the music. */
class ArpeggioTest {
    private static Arpeggio arpeggio(String settings) {
        return Typed.step(Arpeggio.SCHEMA, settings);
    }

    private static Doing eighths(String settings) {
        return doing(arpeggio("rate=1/8 " + settings));
    }

    private static List<String> begins(Outcome outcome) {
        return outcome.out().notes().stream().map(note -> note.pitch() + "@" + note.start()).toList();
    }

    /** The worked examples: C4 E4 G4 for a bar at 1/8. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "order=up | C4 E4 G4 C4 E4 G4 C4 E4",
        "order=up-down | C4 E4 G4 E4 C4 E4 G4 E4",
        "order=up times=1 then=\"1 octave\" | C4 E4 G4 C5 E5 G5 C4 E4",
        "order=up times=1 then=\"2 degrees\" | C4 E4 G4 E4 G4 B4 C4 E4",
        "order=down | G4 E4 C4 G4 E4 C4 G4 E4",
        "order=down-up | G4 E4 C4 E4 G4 E4 C4 E4",
        "order=up-down-twice | C4 E4 G4 G4 E4 C4 C4 E4",
        "order=up octaves=2 | C4 E4 G4 C5 E5 G5 C4 E4",
        "order=up each=2 | C4 C4 E4 E4 G4 G4 C4 C4",
        "order=up times=2 then=\"-1 octaves\" | C4 E4 G4 C3 E3 G3 C2 E2"})
    void ordersTheNotesOfAChord(String settings, String expected) {
        eighths(settings).on("[C4 E4 G4]:8").gives(expected);
    }

    @ParameterizedTest
    @CsvSource({"outward, 5, 3 2 4 1 5", "inward, 5, 1 5 2 4 3", "outward, 4, 2 3 1 4", "inward, 4, 1 4 2 3", "outward, 1, 1", "up-down, 1, 1",
        "up-down, 2, 1 2", "down-up, 4, 4 3 2 1 2 3", "up-down-twice, 3, 1 2 3 3 2 1", "down, 3, 3 2 1"})
    void ordersAnyNumberOfNotes(String order, int count, String expected) {
        FigureOrder figure = arpeggio("order=" + order).figure().order();
        assertThat(String.join(" ", Arrays.stream(figure.of(count)).mapToObj(i -> String.valueOf(i + 1)).toList())).isEqualTo(expected);
    }

    @Test
    void playedGoesByBeginningsWithinAStroke() {
        Line uneven = Line.of(List.of(new Note(1, 0, 950, 67, 80, 0, 64), new Note(2, 11, 949, 60, 80, 0, 64), new Note(3, 22, 938, 64, 80, 0, 64)));
        assertThat(begins(eighths("order=played").on(uneven).outcome())).containsExactly("67@0", "60@240", "64@480", "67@720");
        assertThat(begins(eighths("order=played octaves=2").on(uneven).outcome())).containsExactly("67@0", "60@240", "64@480", "79@720");
    }

    @Test
    void soundsUntilTheNextChordAtMostAndTheLastNoteIsCut() {
        eighths("").on("[C4 E4]:4 r:1 [D4 F4]:2").gives("C4 E4 C4 E4 r D4 F4");
        // A chord of five sixteenths at eighths: the third note has a sixteenth left.
        Outcome outcome = eighths("").on(Line.of(List.of(new Note(1, 0, 600, 60, 80, 0, 64), new Note(2, 0, 600, 64, 80, 0, 64)))).outcome();
        assertThat(outcome.out().notes()).extracting(Note::end).containsExactly(240L, 480L, 600L);
        // What sounds on past the next chord's beginning is cut there.
        Line over = Line.of(List.of(new Note(1, 0, 2000, 60, 80, 0, 64), new Note(2, 480, 480, 72, 80, 0, 64)));
        assertThat(begins(eighths("").on(over).outcome())).containsExactly("60@0", "60@240", "72@480", "72@720");
    }

    @Test
    void heldNotesBelongToTheNextChordUntilTheyEnd() {
        Line held = Line.of(List.of(new Note(1, 0, 960, 48, 80, 0, 64), new Note(2, 480, 960, 64, 80, 0, 64), new Note(3, 480, 960, 67, 80, 0, 64)));
        assertThat(begins(eighths("held=on").on(held).outcome())).containsExactly("48@0", "48@240", "48@480", "64@720", "64@960", "67@1200");
    }

    @Test
    void aChordThatIsShorterThanTheRateKeepsItsLowestNoteAsItIs() {
        Outcome outcome = doing(arpeggio("rate=1/4")).on("[C4 E4]:1 r:3 [C4 E4]:4").outcome();
        assertThat(begins(outcome)).containsExactly("60@0", "60@960", "64@1440");
        assertThat(outcome.out().notes().get(0).length()).isEqualTo(240);
        assertThat(outcome.findings()).containsExactly(new DrawFinding.TooShort(outcome.out().notes().get(0), 1));
    }

    @Test
    void lengthIsAShareAndOverHundredSoundsIntoTheNext() {
        assertThat(eighths("length=50%").on("[C4 E4]:4").outcome().out().notes()).extracting(Note::length).containsOnly(120L);
        assertThat(eighths("length=150%").on("[C4 E4]:4").outcome().out().notes()).extracting(Note::length).containsExactly(360L, 360L, 360L, 240L);
    }

    /** Half rounded up: 81 at half is 40.5, so 41. */
    @Test
    void accentsComeRoundAndBeginAnewWithTheFigure() {
        Line loud = Line.of(List.of(new Note(1, 0, 960, 60, 81, 0, 64), new Note(2, 960, 960, 60, 81, 0, 64)));
        assertThat(eighths("accents=100,50,200").on(loud).outcome().out().notes()).extracting(Note::velocity)
                .containsExactly(81, 41, 127, 81, 81, 41, 127, 81);
        assertThat(eighths("accents=100,50,200 begins=on").on(loud).outcome().out().notes()).extracting(Note::velocity)
                .containsExactly(81, 41, 127, 81, 41, 127, 81, 41);
    }

    @Test
    void beginsAnewWithEachChordWithEachBarOrNever() {
        String twoChords = "[C4 E4 G4]:4 [C4 E4 G4]:8 [C4 E4 G4]:4";
        eighths("begins=group").on(twoChords).gives("C4 E4 G4 C4 C4 E4 G4 C4 E4 G4 C4 E4 C4 E4 G4 C4");
        eighths("begins=bar").on(twoChords).gives("C4 E4 G4 C4 E4 G4 C4 E4 C4 E4 G4 C4 E4 G4 C4 E4");
        eighths("begins=on").on(twoChords).gives("C4 E4 G4 C4 E4 G4 C4 E4 G4 C4 E4 G4 C4 E4 G4 C4");
    }

    /** 66 % of two eighths is 316.8, so 316 ticks as everywhere. */
    @Test
    void swingFollowsTheBarWhenTheChordBeginsOnALine() {
        assertThat(eighths("swing=66").on("[C4 E4]:4").outcome().out().notes()).extracting(Note::start).containsExactly(0L, 316L, 480L, 796L);
        assertThat(eighths("swing=66").on("r:1 [C4 E4]:4").outcome().out().notes()).extracting(Note::start)
                .as("the first begins with its chord, the next are the bar's").containsExactly(240L, 480L, 796L, 960L);
        Line late = Line.of(List.of(new Note(1, 100, 960, 60, 80, 0, 64)));
        assertThat(eighths("swing=66").on(late).outcome().out().notes()).extracting(Note::start).containsExactly(100L, 416L, 580L, 896L);
    }

    @Test
    void byChanceIsTheSameForTheSameSeedAndNeverOneTwiceInARow() {
        Outcome first = eighths("order=chance seed=5").on("[C4 E4 G4]:16").outcome();
        assertThat(eighths("order=chance seed=5").on("[C4 E4 G4]:16").outcome()).isEqualTo(first);
        assertThat(begins(eighths("order=chance seed=6").on("[C4 E4 G4]:16").outcome())).isNotEqualTo(begins(first));
        List<Integer> pitches = first.out().notes().stream().map(Note::pitch).toList();
        assertThat(pitches).hasSize(16).containsOnly(60, 64, 67);
        for (int i = 1; i < pitches.size(); i++) {
            assertThat(pitches.get(i)).isNotEqualTo(pitches.get(i - 1));
        }
        // An edit elsewhere rolls nothing anew.
        assertThat(begins(eighths("order=chance seed=5").on("[C4 E4 G4]:16 [D4 F4]:8").outcome()).subList(0, 16)).isEqualTo(begins(first));
    }

    @Test
    void singleNotesAreRepeatedOrKept() {
        eighths("").on("C4:2 [D4 F4]:2").gives("C4 C4 D4 F4");
        eighths("single=keep").on("C4:2 [D4 F4]:2").gives("C4:2 D4 F4");
    }

    @Test
    void countsBarsInAnyMetreAndCellsAnewInEachBar() {
        TimeMap seven = new TimeMap(480, List.of(new Tempo(0, 500_000)), List.of(new Metre(0, 7, 8), new Metre(1680, 3, 4)));
        // Quarters in 7/8: the fourth cell of the bar is an eighth, then the bar of 3/4 begins.
        assertThat(doing(arpeggio("rate=1/4")).in(seven).on("[C4 E4]:13").outcome().out().notes()).extracting(Note::start)
                .containsExactly(0L, 480L, 960L, 1440L, 1680L, 2160L, 2640L);
    }

    @Test
    void pastTheEndOfMidiAnOctaveBackAndSaid() {
        Outcome outcome = eighths("times=1 then=\"2 octaves\"").on("C9:4").outcome();
        assertThat(outcome.out().notes()).extracting(Note::pitch).containsExactly(120, 120, 120, 120);
        assertThat(outcome.findings()).hasSize(1).first().isInstanceOf(DrawFinding.Inward.class);
    }

    @Test
    void theFirstOfEachPitchIsTheNoteItselfAndTheOthersPointBackToIt() {
        Outcome outcome = eighths("").on("[C4 E4]:4").outcome();
        assertThat(outcome.changes()).extracting(Change::isMade).containsExactly(false, false, true, true);
        eighths("").on("[C4 E4]:4").because("note 1 of the arpeggio", "note 2 of the arpeggio", "note 3 of the arpeggio", "note 4 of the arpeggio");
    }

    @Test
    void leavesDrumsEmptyLinesAndWhatIsNotPickedAlone() {
        assertThat(eighths("").as(Role.DRUMS).on("[C2 D2]:4").outcome().changes()).isEmpty();
        assertThat(eighths("").on(Line.EMPTY).outcome().changes()).isEmpty();
        // The picked lowest is repeated; where it would begin with a note of its pitch it gives way.
        assertThat(begins(eighths("").onlyOn("lowest").on("[C4 E4]:2").outcome())).containsExactly("60@0", "64@0", "60@240");
    }

    @Test
    void saysWhatASettingMayBe() {
        assertThatThrownBy(() -> arpeggio("then=\"2 fifths\"")).hasMessageContaining("as in 2 degrees");
        assertThatThrownBy(() -> arpeggio("accents=100,,80")).hasMessageContaining("as in 100,60,80");
        assertThatThrownBy(() -> arpeggio("octaves=5")).hasMessageContaining("1 to 4");
    }

    /** Whatever the chords: one note at a time, each within its chord's time, no pitch twice at once. */
    @Property(tries = 300)
    void oneNoteAtATimeWithinTheTimeOfItsChord(@ForAll List<@IntRange(min = 0, max = 3000) Integer> starts, @ForAll @IntRange(min = 1, max = 900) int length,
                                               @ForAll FigureOrder order, @ForAll @IntRange(min = 1, max = 4) int octaves) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            notes.add(new Note(i + 1, starts.get(i), length, 48 + 5 * i % 31, 80, 0, 64));
        }
        Arpeggio step = new Arpeggio(new Arpeggio.Figure(order, octaves, Again.IN_PLACE, 0, 1), Arpeggio.USUAL.sound(), Arpeggio.Begins.GROUP, false,
                Arpeggio.Single.REPEAT, 1);
        Outcome outcome = doing(step).on(Line.of(notes)).outcome();
        long end = notes.stream().mapToLong(Note::end).max().orElse(0);
        List<Note> out = outcome.out().notes();
        assertThat(out.isEmpty()).isEqualTo(notes.isEmpty());
        for (int i = 0; i < out.size(); i++) {
            assertThat(out.get(i).end()).isLessThanOrEqualTo(end);
            if (i > 0 && out.get(i).length() < length) {
                assertThat(out.get(i).start()).isGreaterThan(out.get(i - 1).start());
            }
        }
    }
}
