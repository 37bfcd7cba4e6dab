package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeLength;
import amberfence.notes.TimeMap;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.shape.Strum.Ends;
import amberfence.step.shape.Strum.From;
import amberfence.step.shape.Strum.Keeps;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 480 ticks a quarter; a text's length of 1 is an eighth, 240 ticks. */
class StrumTest {
    private static final Strum OVER_120 = new Strum(From.BELOW, new TimeLength.Ticks(120), 0, Keeps.FIRST, Ends.STAY, 0);

    private static Strum strum(From from, long ticks, int bend, Keeps keeps, Ends ends, int slope) {
        return new Strum(from, new TimeLength.Ticks(ticks), bend, keeps, ends, slope);
    }

    /** Pitch and beginning of each note, from low to high within a stroke as they begin. */
    private static List<String> begins(Strum step, String melody) {
        return doing(step).on(melody).outcome().out().notes().stream().map(note -> note.pitch() + "@" + note.start()).toList();
    }

    /** The worked example: Note i of n begins at spread·(i/(n−1))^p with p = 2^(bend/50). */
    @ParameterizedTest
    @CsvSource({"0, 60", "50, 30", "100, 8", "-50, 85", "-100, 101"})
    void bendsTheTimeBetweenTheFirstAndTheLast(int bend, long middle) {
        assertThat(begins(strum(From.BELOW, 120, bend, Keeps.FIRST, Ends.STAY, 0), "[C4 E4 G4]:4"))
                .containsExactly("60@0", "64@" + middle, "67@120");
    }

    @Test
    void beginsAboveOrTakesTurnsOfWhichSingleNotesAreNone() {
        assertThat(begins(strum(From.ABOVE, 120, 0, Keeps.FIRST, Ends.STAY, 0), "[C4 E4 G4]:4")).containsExactly("67@0", "64@60", "60@120");
        assertThat(begins(strum(From.TURNS, 100, 0, Keeps.FIRST, Ends.STAY, 0), "C5:2 [C4 G4]:2 D5:2 [C4 G4]:2 [C4 G4]:2"))
                .containsExactly("72@0", "60@480", "67@580", "74@960", "67@1440", "60@1540", "60@1920", "67@2020");
    }

    @Test
    void theLastOneKeepsTheBeatWhenAskedAndTheOthersComeBefore() {
        assertThat(begins(strum(From.BELOW, 120, 0, Keeps.LAST, Ends.STAY, 0), "r:4 [C4 E4 G4]:4"))
                .containsExactly("60@840", "64@900", "67@960");
    }

    @Test
    void beforeTheBeginningOfTheSongThereIsOnlyTheRoomThatThereIs() {
        Outcome outcome = doing(strum(From.BELOW, 120, 0, Keeps.LAST, Ends.STAY, 0)).on("[C4 E4 G4]:4").outcome();
        assertThat(outcome.out().notes()).extracting(Note::start).containsOnly(0L);
        assertThat(outcome.findings()).containsExactly(new ShapeFinding.SpreadShrunk(outcome.out().notes().get(0), 120, 0));
    }

    @Test
    void endsStayOrMoveAlong() {
        assertThat(doing(OVER_120).on("[C4 E4 G4]:4").outcome().out().notes()).extracting(Note::end).containsExactly(960L, 960L, 960L);
        assertThat(doing(strum(From.BELOW, 120, 0, Keeps.FIRST, Ends.MOVE, 0)).on("[C4 E4 G4]:4").outcome().out().notes())
                .extracting(Note::length).containsExactly(960L, 960L, 960L);
    }

    /** Three notes of 100 ticks: the last may begin at 99 at most, a tick before its end. */
    @Test
    void noNoteBeginsAfterItsOwnEnd() {
        Line shortNotes = Line.of(List.of(new Note(1, 0, 100, 60, 80, 0, 64), new Note(2, 0, 100, 64, 80, 0, 64),
                new Note(3, 0, 100, 67, 80, 0, 64)));
        Outcome outcome = doing(OVER_120).on(shortNotes).outcome();
        assertThat(outcome.out().notes()).extracting(Note::start).containsExactly(0L, 50L, 99L);
        assertThat(outcome.out().notes().get(2).length()).isEqualTo(1);
        assertThat(outcome.findings()).containsExactly(new ShapeFinding.SpreadShrunk(shortNotes.notes().get(0), 120, 99));
    }

    @Test
    void movingEndsStopBeforeTheNextChord() {
        Outcome outcome = doing(strum(From.BELOW, 400, 0, Keeps.FIRST, Ends.MOVE, 0)).on("[C4 E4 G4] [C4 E4 G4]").outcome();
        assertThat(outcome.out().notes().stream().filter(note -> note.id() <= 3)).extracting(Note::start).containsExactly(0L, 120L, 239L);
    }

    @Test
    void theUnevennessOfTheHandGoesAndTheSlopeMakesLaterNotesLouder() {
        Line uneven = Line.of(List.of(new Note(1, 7, 400, 67, 80, 0, 64), new Note(2, 20, 400, 60, 80, 0, 64), new Note(3, 31, 400, 64, 80, 0, 64)));
        Outcome outcome = doing(strum(From.BELOW, 120, 0, Keeps.FIRST, Ends.STAY, 50)).on(uneven).outcome();
        assertThat(outcome.out().notes()).extracting(note -> note.pitch() + "@" + note.start() + " " + note.velocity())
                .containsExactly("60@7 80", "64@67 100", "67@127 120");
        assertThat(doing(strum(From.BELOW, 120, 0, Keeps.FIRST, Ends.STAY, 100)).on(uneven).outcome().out().notes())
                .extracting(Note::velocity).as("never beyond 127").containsExactly(80, 120, 127);
    }

    /** A quarter lasts 500 ms at 120 a minute, so 100 ms are 96 ticks; at half the tempo 48. A thirty-second is 60 ticks. */
    @Test
    void timeIsANoteValueMillisecondsOrTicks() {
        assertThat(begins(OVER_120, "[C4 G4]:4")).containsExactly("60@0", "67@120");
        assertThat(begins(Strum.USUAL, "[C4 G4]:4")).containsExactly("60@0", "67@60");
        Strum millis = new Strum(From.BELOW, TimeLength.parse("100ms"), 0, Keeps.FIRST, Ends.STAY, 0);
        assertThat(begins(millis, "[C4 G4]:4")).containsExactly("60@0", "67@96");
        TimeMap slow = new TimeMap(480, List.of(new Tempo(0, 1_000_000)), List.of(new Metre(0, 7, 8)));
        assertThat(doing(millis).in(slow).on("[C4 G4]:4").outcome().out().notes()).extracting(Note::start).containsExactly(0L, 48L);
    }

    @Test
    void leavesDrumsAndWhatIsLeftByHandAloneAndSaysWhy() {
        assertThat(doing(OVER_120).as(Role.DRUMS).on("[C2 D2]:4").outcome().changes()).isEmpty();
        Outcome outcome = doing(OVER_120).leaving(2L).on("[C4 E4 G4]:4").outcome();
        assertThat(outcome.out().notes()).extracting(Note::start).containsExactly(0L, 0L, 120L);
        doing(OVER_120).on("[C4 E4 G4]:4").because("2 of 3 from below: start 60 ticks later", "3 of 3 from below: start 120 ticks later");
    }

    @Test
    void onlyWhatIsPickedIsStrummed() {
        assertThat(doing(OVER_120).onlyOn("not lowest").on("[C4 E4 G4]:4").outcome().out().notes())
                .extracting(note -> note.pitch() + "@" + note.start()).containsExactly("60@0", "64@0", "67@120");
    }

    @Property(tries = 300)
    void everyNoteStaysANoteAndTheirNumberStays(@ForAll @IntRange(max = 6) int size, @ForAll @IntRange(min = 1, max = 500) int length,
                                                @ForAll @IntRange(min = -100, max = 100) int bend, @ForAll @IntRange(max = 2000) int ticks,
                                                @ForAll Keeps keeps, @ForAll Ends ends, @ForAll From from) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < 4 * size; i++) {
            notes.add(new Note(i + 1, 480L * (i / Math.max(1, size)), length, 48 + 5 * (i % Math.max(1, size)), 80, 0, 64));
        }
        Outcome outcome = doing(strum(from, ticks, bend, keeps, ends, 0)).on(Line.of(notes)).outcome();
        assertThat(outcome.out().notes()).hasSize(notes.size()).allSatisfy(note -> {
            assertThat(note.start()).isNotNegative();
            assertThat(note.length()).isPositive();
        });
        assertThat(outcome.out().notes()).extracting(Note::pitch).containsExactlyInAnyOrderElementsOf(notes.stream().map(Note::pitch).toList());
    }

    @Test
    void nothingAndOneNoteStayAsTheyAre() {
        assertThat(doing(OVER_120).on(Line.EMPTY).outcome().changes()).isEmpty();
        assertThat(doing(OVER_120).on(LineText.parse("C4 D4 E4", Doing.UNIT, 0, 1)).outcome().changes()).isEmpty();
    }
}
