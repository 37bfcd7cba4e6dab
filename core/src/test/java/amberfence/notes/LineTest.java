package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.theory.Key;
import amberfence.theory.Octaves;
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

    /** What is asked of a line after edits is the same as of a line made of its notes from nothing. */
    @Property
    void anEditedLineAnswersLikeOneMadeAnew(@ForAll @Size(min = 1, max = 8) List<@IntRange(min = 0, max = 127) Integer> pitches,
                                            @ForAll @Size(max = 6) List<@Size(max = 4) List<@IntRange(min = 1, max = 9) Integer>> edits,
                                            @ForAll @IntRange(min = -3, max = 3) int semitones, @ForAll @IntRange(min = 0, max = 80) int start) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < pitches.size(); i++) {
            notes.add(new Note(i + 1, 10L * i, 5, pitches.get(i), 80, 0, 64));
        }
        FenceLine fence = Fence.of(KeyPlan.of(Key.parse("D dorian"))).along(TimeMap.usual(480));
        Line line = Line.of(notes);
        int outside = fence.countOutside(line);
        for (List<Integer> edit : edits) {
            NoteSet set = NoteSet.of(edit.stream().map(Integer::longValue).toList());
            Line before = line;
            line = line.with(set, note -> note.withPitch(Octaves.within(note.pitch() + semitones)).withStart(start + note.id() % 2));
            Line anew = Line.of(List.copyOf(line.notes()));
            assertThat(line).isEqualTo(anew).hasSameHashCodeAs(anew);
            assertThat(set.in(line)).isEqualTo(line.notes().stream().filter(set::contains).toList()).isEqualTo(set.in(anew));
            assertThat(set.count(line)).isEqualTo(set.in(line).size());
            line.notes().forEach(note -> assertThat(anew.note(note.id())).contains(note));
            assertThat(fence.countOutside(line, before, outside)).isEqualTo(fence.countOutside(anew));
            outside = fence.countOutside(line);
        }
    }

    /** Notes taken out and put in, among them several at one tick, give the line that all of them give from nothing. */
    @Property
    void takesNotesInAndOut(@ForAll @Size(max = 12) List<@IntRange(min = 0, max = 9) Integer> starts, @ForAll @Size(max = 6) List<@IntRange(min = 1, max = 14) Integer> out,
                            @ForAll @Size(max = 6) List<@IntRange(min = 0, max = 11) Integer> in, @ForAll boolean endKnown) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            notes.add(new Note(i + 1, starts.get(i), 5 + i % 4, 60 + i % 3, 80, 0, 64));
        }
        List<Note> more = new ArrayList<>();
        for (int i = 0; i < in.size(); i++) {
            more.add(new Note(100 - i, in.get(i), 1 + 9 * i, 61, 300 % 128, 1, 0));
        }
        Line line = Line.of(notes);
        if (endKnown) {
            line.end();
        }
        NoteSet gone = NoteSet.of(out.stream().map(Integer::longValue).toList());
        List<Note> left = notes.stream().filter(note -> !gone.contains(note)).toList();
        assertThat(line.without(gone)).isEqualTo(Line.of(left));
        assertThat(line.without(gone).end()).isEqualTo(left.stream().mapToLong(Note::end).max().orElse(0));
        List<Note> all = new ArrayList<>(left);
        all.addAll(more);
        Line both = line.without(gone).plus(more);
        assertThat(both).isEqualTo(Line.of(all)).hasSameHashCodeAs(Line.of(all));
        assertThat(both.end()).isEqualTo(all.stream().mapToLong(Note::end).max().orElse(0));
        all.forEach(note -> assertThat(both.note(note.id())).contains(note));
    }
}
