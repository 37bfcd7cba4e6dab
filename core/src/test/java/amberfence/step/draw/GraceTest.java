package amberfence.step.draw;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 480 ticks a quarter; a text's length of 1 is an eighth; a thirty-second is 60 ticks. */
class GraceTest {
    private static Doing grace(String settings) {
        return doing(Typed.step(Grace.SCHEMA, settings));
    }

    private static List<String> shape(Outcome outcome) {
        return outcome.out().notes().stream().map(note -> note.pitch() + "@" + note.start() + "-" + note.end()).toList();
    }

    @ParameterizedTest
    @CsvSource({"step=above, 62@420-480", "step=below, 59@420-480", "step=semitone, 59@420-480", "step=same, 60@420-480",
        "step=above count=3, 65@300-360 64@360-420 62@420-480", "step=below count=3, 55@300-360 57@360-420 59@420-480",
        "step=semitone count=3, 57@300-360 58@360-420 59@420-480", "step=both count=3, 62@300-360 59@360-420 62@420-480",
        "step=same count=2, 60@360-420 60@420-480", "at=30t, 62@450-480", "at=100ms, 62@384-480"})
    void standsBeforeTheNoteAndRunsTowardsIt(String settings, String expected) {
        assertThat(shape(grace(settings).on("r:2 C4:2").in("C major").outcome())).startsWith(expected.split(" ")).endsWith("60@480-960");
    }

    @Test
    void isSofterThanItsNote() {
        assertThat(grace("velocity=60%").on("r:2 C4:2").outcome().out().notes()).extracting(Note::velocity).containsExactly(48, 80);
    }

    @Test
    void onTheBeatTheNoteBeginsAfterIt() {
        assertThat(shape(grace("beat=on count=2").on("C4:2").outcome())).containsExactly("64@0-60", "62@60-120", "60@120-480");
        Outcome tooShort = grace("beat=on count=2 at=240t").on("C4:2").outcome();
        assertThat(tooShort.changes()).as("nothing of the note would be left").isEmpty();
        assertThat(tooShort.findings()).containsExactly(new DrawFinding.NoRoomForGrace(tooShort.out().notes().get(0), 1));
    }

    @Test
    void afterTheNoteItsTimeIsTakenFromItsEnd() {
        assertThat(shape(grace("place=after").on("C4:2").outcome())).containsExactly("60@0-420", "62@420-480");
    }

    @Test
    void whatSoundsIntoItsTimeIsCutAndWhatSoundsOnStays() {
        assertThat(shape(grace("").onlyOn("pitch C4 to C4").on("E4:2 C4:2").outcome())).as("what is not picked is not cut")
                .containsExactly("64@0-480", "62@420-480", "60@480-960");
        assertThat(shape(grace("step=below").on("E4:2 C4:2").outcome())).containsExactly("64@0-420", "59@420-480", "60@480-960");
        Line held = Line.of(List.of(new Note(1, 0, 1920, 55, 80, 0, 64), new Note(2, 480, 480, 60, 80, 0, 64)));
        assertThat(shape(grace("").on(held).outcome())).containsExactly("55@0-1920", "62@420-480", "60@480-960");
        Line onItsPitch = Line.of(List.of(new Note(1, 0, 1920, 62, 80, 0, 64), new Note(2, 480, 480, 60, 80, 0, 64)));
        assertThat(grace("").on(onItsPitch).outcome().changes()).as("a note of its pitch sounds on").isEmpty();
    }

    @Test
    void withoutRoomItIsLeftOutAndListed() {
        Outcome first = grace("").on("C4:2 D4:2").outcome();
        assertThat(shape(first)).containsExactly("60@0-420", "64@420-480", "62@480-960");
        assertThat(first.findings()).containsExactly(new DrawFinding.NoRoomForGrace(new Note(1, 0, 480, 60, 80, 0, 64), 1));
        Line close = Line.of(List.of(new Note(1, 480, 60, 64, 80, 0, 64), new Note(2, 540, 400, 60, 80, 0, 64)));
        assertThat(shape(grace("").on(close).outcome())).as("nothing of the note before would be left")
                .containsExactly("65@420-480", "64@480-540", "60@540-940");
    }

    @Test
    void eachNoteOfAChordHasItsOwn() {
        assertThat(shape(grace("").on("r:2 [C4 E4]:2").outcome())).containsExactly("62@420-480", "65@420-480", "60@480-960", "64@480-960");
    }

    @Test
    void byChanceItIsTheNotesOwnThrow() {
        Outcome some = grace("chance=50 seed=3").on("r:4 C4:2 D4:2 E4:2 F4:2 G4:2 A4:2 B4:2 C5:2").outcome();
        assertThat(some.added()).isBetween(1, 7);
        assertThat(grace("chance=50 seed=3").on("r:4 C4:2 D4:2 E4:2 F4:2 G4:2 A4:2 B4:2 C5:2 D5:2 E5:2").outcome().out().notes())
                .as("an edit elsewhere rolls nothing anew").containsAll(some.out().notes().subList(0, some.out().size() - 1));
        assertThat(grace("chance=0").on("r:2 C4:2").outcome().changes()).isEmpty();
    }

    @Test
    void leavesDrumsAloneAndSaysWhy() {
        assertThat(grace("").as(Role.DRUMS).on("r:2 C2").outcome().changes()).isEmpty();
        grace("step=below").on("E4:2 C4:2").because("gives 60 ticks to a grace note", "grace note 1 of 1 before");
    }

    /** No note is lost, none becomes shorter than a tick, and no two of one pitch begin together. */
    @Property(tries = 300)
    void losesNothing(@ForAll List<@IntRange(max = 2000) Integer> starts, @ForAll @IntRange(min = 1, max = 700) int length, @ForAll @IntRange(min = 1, max = 3) int count,
                      @ForAll Grace.From from, @ForAll Grace.Place place, @ForAll boolean onBeat) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            notes.add(new Note(i + 1, starts.get(i), length, 50 + i * 5 % 23, 80, 0, 64));
        }
        Grace step = new Grace(place, count, from, Grace.USUAL.at(), 60, 100, onBeat, 1);
        Outcome outcome = doing(step).on(Line.of(notes)).outcome();
        assertThat(outcome.out().notes().stream().map(Note::id)).containsAll(notes.stream().map(Note::id).toList());
        assertThat(onBeat || outcome.added() % count == 0).as("a run stands whole or not at all").isTrue();
        assertThat(outcome.out().notes()).allMatch(note -> note.length() >= 1);
    }
}
