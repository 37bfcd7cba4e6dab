package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class LineBuilderTest {
    @Property
    void isTheLineOfAllNotesInWhateverOrderTheyCome(@ForAll @Size(max = 40) List<@IntRange(min = 0, max = 30) Integer> starts, @ForAll @IntRange(min = 0, max = 50) int expected,
                                                    @ForAll @IntRange(min = 0, max = 40) int asked) {
        LineBuilder builder = new LineBuilder(expected);
        List<Note> notes = new ArrayList<>();
        Line early = Line.EMPTY;
        for (int i = 0; i < starts.size(); i++) {
            early = i == asked ? builder.build() : early;
            notes.add(new Note(i + 1, starts.get(i), 10, 60, 80, 0, 64));
            builder.add(notes.get(i));
        }
        assertThat(builder.build()).isEqualTo(Line.of(notes));
        assertThat(early).as("what was asked for in between stays as it was").isEqualTo(asked < notes.size() ? Line.of(notes.subList(0, asked)) : Line.EMPTY);
    }
}
