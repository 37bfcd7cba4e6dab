package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;

class NoteIndexTest {
    /** Near ones have a place each, far ones are looked for. */
    @Property
    void findsEachNoteAndNoOther(@ForAll @Size(max = 40) Set<@LongRange(min = -30, max = 30) Long> near, @ForAll @Size(max = 5) Set<Long> far) {
        for (Set<Long> ids : List.of(near, far)) {
            Line line = Line.of(ids.stream().map(id -> new Note(id, Math.floorMod(id, 100), 10, 60, 80, 0, 64)).toList());
            NoteIndex index = new NoteIndex(List.of(line, Line.EMPTY));
            assertThat(index.size()).isEqualTo(ids.size());
            for (long id : ids) {
                assertThat(index.at(index.place(id)).id()).isEqualTo(id);
            }
            for (long id = -40; id <= 40; id++) {
                assertThat(index.place(id) >= 0).as("note %s of %s", id, ids).isEqualTo(ids.contains(id));
            }
        }
    }
}
