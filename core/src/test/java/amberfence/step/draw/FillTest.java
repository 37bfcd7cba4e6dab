package amberfence.step.draw;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.step.Change;
import amberfence.step.Doing;
import amberfence.step.Fix;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepSlot;
import amberfence.step.StepWords;
import amberfence.step.Typed;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** 480 ticks a quarter, 4/4; a text's length of 1 is an eighth. */
class FillTest {
    private static final PitchClassSet INSIDE = Key.parse("C major").pitchClasses();

    private static Doing fill(String settings) {
        return doing(Typed.step(Fill.SCHEMA, "rate=1/8 " + settings));
    }

    private static List<Note> made(Outcome outcome) {
        return outcome.changes().stream().filter(Change::isMade).map(Change::note).toList();
    }

    private static List<String> times(List<Note> notes) {
        return notes.stream().map(note -> note.start() / 240 + "+" + note.length() / 240).toList();
    }

    @Test
    void fillsEveryCellOfTheFreeTimeAtFullDensityAndNoneAtNone() {
        assertThat(times(made(fill("density=100").on("C4:2 r:4 G4:2").outcome()))).containsExactly("2+1", "3+1", "4+1", "5+1");
        assertThat(fill("density=0").on("C4:2 r:4 G4:2").outcome().changes()).isEmpty();
        // A quarter that begins off the eighths has only one whole cell free.
        Line off = Line.of(List.of(new Note(1, 0, 300, 60, 80, 0, 64), new Note(2, 900, 300, 67, 80, 0, 64)));
        assertThat(times(made(fill("density=100").on(off).outcome()))).containsExactly("2+1");
    }

    @Test
    void theLastOneIsAPlaceFromTheNextNote() {
        for (int seed = 1; seed < 30; seed++) {
            List<Note> notes = made(fill("density=100 seed=" + seed).on("C4:2 r:4 G4:2").outcome());
            assertThat(notes.get(3).pitch()).isIn(65, 69);
        }
        // With no places beyond only the side between the two is left.
        for (int seed = 1; seed < 30; seed++) {
            assertThat(made(fill("density=100 spread=0 seed=" + seed).on("C4:2 r:4 G4:2").outcome()).get(3).pitch()).isEqualTo(65);
        }
    }

    @Test
    void whereNotesTouchThereIsNoTimeUntilRoomIsMade() {
        Outcome outcome = fill("density=100").on("C4:4 G4:4").outcome();
        assertThat(outcome.changes()).isEmpty();
        assertThat(outcome.findings()).hasSize(1);
        Fix fix = outcome.findings().get(0).fixes().get(0);
        assertThat(fix.label().apply(new StepWords(Integer::toString))).isEqualTo("make room");
        StepSlot slot = new StepSlot(1, true, false, Typed.step(Fill.SCHEMA, "rate=1/8 density=100"), Optional.empty(), NoteSet.NONE,
                Map.of());
        Outcome room = doing((Step) fix.edit().apply(slot).step()).on("C4:4 G4:4").outcome();
        assertThat(times(room.out().notes())).containsExactly("0+2", "2+1", "3+1", "4+4");
        assertThat(room.findings()).isEmpty();
    }

    @Test
    void onlyThePartNearestTheNextNoteIsFilledWhenTheTimeIsLong() {
        assertThat(times(made(fill("density=100 longest=1/2").on("C4 r:11 G4").outcome()))).containsExactly("8+1", "9+1", "10+1", "11+1");
        assertThat(times(made(fill("density=100").on("C4 r:15 G4").outcome()))).hasSize(8).startsWith("8+1");
    }

    @Test
    void tiedNotesLastOnWithThePitchOfTheLastOfThem() {
        List<Note> apart = made(fill("density=100 seed=4").on("C4:2 r:4 G4:2").outcome());
        List<Note> tied = made(fill("density=100 tie=100 seed=4").on("C4:2 r:4 G4:2").outcome());
        assertThat(times(tied)).containsExactly("2+4");
        assertThat(tied.get(0).pitch()).isEqualTo(apart.get(3).pitch());
    }

    @Test
    void anEditElsewhereRollsNothingAnew() {
        List<Note> first = made(fill("seed=9").on("C4 r:7 G4 r:7 E4").outcome());
        List<Note> more = made(fill("seed=9").on("C4 r:7 G4 r:7 E4 r:7 C5").outcome());
        assertThat(more.subList(0, first.size())).usingRecursiveFieldByFieldElementComparatorIgnoringFields("id").containsExactlyElementsOf(first);
        assertThat(made(fill("seed=10").on("C4 r:7 G4 r:7 E4").outcome())).isNotEqualTo(first);
    }

    @Test
    void leavesDrumsAndTheLastNoteAlone() {
        assertThat(fill("density=100").as(Role.DRUMS).on("C2 r D2").outcome().changes()).isEmpty();
        assertThat(fill("density=100").on("C4").outcome().findings()).isEmpty();
    }

    /** Inside by construction, a fourth at most from one to the next, within the spread, in the free time, and nothing else changed. */
    @Property(tries = 200)
    void staysInsideAndOnTheWay(@ForAll @Size(min = 2, max = 6) List<@IntRange(min = 55, max = 76) Integer> pitches, @ForAll @IntRange(max = 100) int density,
                                @ForAll @IntRange(max = 4) int spread, @ForAll @IntRange(min = 1, max = 1000) int seed) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < pitches.size(); i++) {
            notes.add(new Note(i + 1, i * 1920L, 480, pitches.get(i), 80, 0, 64));
        }
        Outcome outcome = fill("density=" + density + " spread=" + spread + " seed=" + seed).on(Line.of(notes)).in("C major").outcome();
        assertThat(outcome.out().notes()).containsAll(notes);
        for (Note note : made(outcome)) {
            assertThat(INSIDE.containsPitch(note.pitch())).isTrue();
            int i = (int) (note.start() / 1920);
            assertThat(note.start()).isGreaterThanOrEqualTo(i * 1920L + 480);
            assertThat(note.end()).isLessThanOrEqualTo((i + 1) * 1920L);
            int low = Math.min(pitches.get(i), pitches.get(i + 1));
            int high = Math.max(pitches.get(i), pitches.get(i + 1));
            // The nearest inside pitch may be a semitone away; the last may lie one place beyond the spread.
            assertThat(IntStream.range(note.pitch(), low - 1).filter(INSIDE::containsPitch).count()).isLessThanOrEqualTo(spread + 2L);
            assertThat(IntStream.rangeClosed(high + 2, note.pitch()).filter(INSIDE::containsPitch).count()).isLessThanOrEqualTo(spread + 2L);
        }
        // Where enough of them sound to get there by fourths, none is farther; the last stands a place from the next note.
        List<Note> made = made(outcome);
        for (int i = 1; i < made.size(); i++) {
            int gap = (int) (made.get(i).start() / 1920);
            long here = made.stream().filter(note -> note.start() / 1920 == gap).count();
            if (made.get(i - 1).start() / 1920 == gap && Math.abs(pitches.get(gap) - pitches.get(gap + 1)) <= 5 * (here - 1)) {
                assertThat(Math.abs(made.get(i).pitch() - made.get(i - 1).pitch())).isLessThanOrEqualTo(7);
            }
        }
    }
}
