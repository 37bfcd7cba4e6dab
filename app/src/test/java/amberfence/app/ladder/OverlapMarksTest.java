package amberfence.app.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.Overlaps;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class OverlapMarksTest {
    private static Note note(long id, long start, long end, int pitch) {
        return new Note(id, start, end - start, pitch, 80, 0, 64);
    }

    /** A bass is held into the ninth bar, while a tune above it overlaps in the first: a view of the first bar has the tune's. */
    @Test
    void aHeldNoteHidesNoMarksOfOtherVoices() {
        List<Note> notes = new ArrayList<>(List.of(note(1, 0, 8010, 36), note(2, 8000, 9000, 36)));
        for (int i = 0; i < 20; i++) {
            notes.add(note(10 + i, i * 100, i * 100 + 105, 72 + i % 2));
        }
        OverlapMarks marks = OverlapMarks.of(Overlaps.of(Line.of(notes)));
        assertThat(marks.size()).isEqualTo(20);
        assertThat(marks.between(0, 500)).extracting(overlap -> overlap.next().start()).containsExactly(100L, 200L, 300L, 400L, 500L);
        assertThat(marks.between(7000, 9000)).extracting(overlap -> overlap.note().id()).containsExactly(1L);
    }

    @Test
    void oneThatBeganBeforeTheViewIsStillSeen() {
        OverlapMarks marks = OverlapMarks.of(List.of(new Overlaps.Overlap(note(1, 0, 140, 60), note(2, 100, 400, 62), 40),
                new Overlaps.Overlap(note(2, 100, 400, 62), note(3, 390, 600, 64), 10)));
        assertThat(marks.between(130, 200)).extracting(overlap -> overlap.note().id()).containsExactly(1L);
        assertThat(marks.between(150, 200)).isEmpty();
        assertThat(OverlapMarks.NONE.between(0, 1000)).isEmpty();
    }
}
