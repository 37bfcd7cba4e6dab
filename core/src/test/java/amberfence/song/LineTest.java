package amberfence.song;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class LineTest {
    /** An edit keeps what is known of the end where it can. */
    @Property
    void knowsItsEndHoweverItIsEdited(@ForAll @Size(min = 1, max = 8) List<@IntRange(min = 1, max = 40) Integer> lengths,
                                      @ForAll @Size(max = 6) List<@IntRange(min = 0, max = 7) Integer> edited,
                                      @ForAll @IntRange(min = 1, max = 60) int length, @ForAll @IntRange(min = 0, max = 80) int start) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < lengths.size(); i++) {
            notes.add(new Note(i + 1, 10L * i, lengths.get(i), 60, 80, 0, 64));
        }
        Line line = Line.of(notes);
        for (int index : edited) {
            line.end();
            line = line.with(note -> note.id() == index + 1, note -> note.withLength(length).withStart(start));
            assertThat(line.end()).isEqualTo(line.notes().stream().mapToLong(Note::end).max().orElseThrow());
        }
    }
}
