package amberfence.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class LineOutlineTest {
    /** A note belongs to the point in whose share of the time it begins, all behind the end to the last. */
    @Property
    void hasTheHighestPitchOfEachShareOfTheTime(@ForAll @Size(max = 40) List<@IntRange(min = 0, max = 500) Integer> starts, @ForAll @IntRange(min = 0, max = 400) int end) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            notes.add(new Note(i + 1, starts.get(i), 10, 40 + (i * 7) % 30, 80, 0, 64));
        }
        double[] tops = LineOutline.tops(Line.of(notes), end);
        for (int point = 0; point < tops.length; point++) {
            int at = point;
            double highest = notes.stream().filter(note -> Math.min(tops.length - 1, note.start() * tops.length / Math.max(1, end)) == at)
                    .mapToDouble(Note::pitch).max().orElse(Double.NaN);
            assertThat(tops[point]).isEqualTo(Double.valueOf(highest));
        }
    }
}
