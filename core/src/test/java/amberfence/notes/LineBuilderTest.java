package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

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

    /** Notes of a line from before, some with other pitches, some left out, some told late, and others between them. */
    @Property
    void isTheLineOfAllNotesAlsoWhereTheyAreThoseOfAnother(@ForAll @Size(max = 12) List<@IntRange(min = 0, max = 6) Integer> starts,
                                                           @ForAll @Size(max = 20) List<@IntRange(min = 0, max = 9) Integer> deeds, @ForAll @IntRange(min = 58, max = 62) int pitch) {
        List<Note> old = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            old.add(new Note(i + 1, starts.get(i), 10 + i % 3, 60, 80, 0, 64));
        }
        Line before = Line.of(old);
        LineBuilder builder = new LineBuilder(before);
        List<Note> notes = new ArrayList<>();
        int place = 0;
        for (int i = 0; i < deeds.size(); i++) {
            switch (deeds.get(i)) {
                case 0 -> place++;
                case 1 -> {
                    notes.add(new Note(100 + i, i, 5, pitch, 70, 1, 0));
                    builder.add(notes.get(notes.size() - 1));
                }
                case 2, 3, 4 -> {
                    if (place < before.size()) {
                        notes.add(before.at(place).withPitch(pitch));
                        builder.addAlike(place++, pitch);
                    }
                }
                default -> {
                    if (place < before.size()) {
                        notes.add(before.at(place));
                        builder.addAlike(place++);
                    }
                }
            }
        }
        Line line = builder.build();
        assertThat(line).isEqualTo(Line.of(notes));
        assertThat(line.notes()).isSortedAccordingTo(Note.IN_TIME);
        assertThat(before).as("the line from before stays as it was").isEqualTo(Line.of(old));
        assertThat(builder.size()).isEqualTo(notes.size());
    }

    /** What is the same takes no room of its own: the promise that undo and the song's weight count on. */
    @Test
    void sharesWithTheOtherLineAllThatIsTheSame() {
        List<Note> old = new ArrayList<>();
        for (int i = 0; i < 1000; i++) {
            old.add(new Note(i + 1, 7L * i * i, 10 + i % 300, i % 128, 1 + i % 127, 0, 64));
        }
        Line before = Line.of(old);
        LineBuilder builder = new LineBuilder(before);
        for (int i = 0; i < 1000; i++) {
            builder.addAlike(i, i % 127);
        }
        assertThat(builder.build().weightBeside(before)).as("one byte for each pitch").isEqualTo(1000);
        assertThat(before.with(note -> note.id() == 5, note -> note.withVelocity(3)).weightBeside(before)).as("one byte for each velocity").isEqualTo(1000);
        assertThat(before.with(note -> note.id() == 5, note -> note)).isEqualTo(before);
        assertThat(before.weightBeside(Line.EMPTY)).as("four bytes for a start and a length, one for a pitch and a velocity").isEqualTo(10_000);
    }
}
