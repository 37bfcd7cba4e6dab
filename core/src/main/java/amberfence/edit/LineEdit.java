package amberfence.edit;

import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.LongSupplier;
import java.util.function.UnaryOperator;

/** One edit of a line by hand. Notes that are made get identities from the supplier; all others keep theirs. */
@FunctionalInterface
public interface LineEdit {
    Line apply(Line line, LongSupplier fresh);

    /** Adds notes; their identities are given anew. */
    static LineEdit add(Collection<Note> notes) {
        return (line, fresh) -> {
            List<Note> own = new ArrayList<>();
            notes.forEach(note -> own.add(note.withId(fresh.getAsLong())));
            return line.plus(own);
        };
    }

    static LineEdit delete(NoteSet notes) {
        return (line, fresh) -> line.without(notes);
    }

    /** Moves notes in time, all alike, and none before the beginning of the song. */
    static LineEdit shift(NoteSet notes, long ticks) {
        return (line, fresh) -> {
            long by = ticks >= 0 ? ticks : Math.max(-notes.in(line).stream().mapToLong(Note::start).min().orElse(0), ticks);
            return each(line, notes, note -> note.withStart(note.start() + by));
        };
    }

    /** Moves the ends of notes; each keeps a length of at least a tick. */
    static LineEdit moveEnds(NoteSet notes, long ticks) {
        return (line, fresh) -> each(line, notes, note -> note.withLength(Math.max(1, note.length() + ticks)));
    }

    /** Moves the beginnings of notes while their ends stay; each keeps a length of at least a tick. */
    static LineEdit moveStarts(NoteSet notes, long ticks) {
        return (line, fresh) -> each(line, notes, note -> {
            long start = Math.max(0, Math.min(note.end() - 1, note.start() + ticks));
            return note.withStart(start).withLength(note.end() - start);
        });
    }

    /** Makes notes louder, or softer when negative, within the range of velocities. */
    static LineEdit louder(NoteSet notes, int by) {
        return (line, fresh) -> each(line, notes, note -> note.withVelocity(velocity(note.velocity() + by)));
    }

    /** Gives notes velocities, by identity. */
    static LineEdit velocities(Map<Long, Integer> velocities) {
        return (line, fresh) -> line.with(NoteSet.of(velocities.keySet()), note -> note.withVelocity(velocity(velocities.get(note.id()))));
    }

    private static int velocity(int wanted) {
        return (int) Range.VELOCITY.nearest(wanted);
    }

    /** Gives notes other pitches, by identity. */
    static LineEdit pitches(Map<Long, Integer> pitches) {
        return (line, fresh) -> line.with(NoteSet.of(pitches.keySet()), note -> note.withPitch(pitches.get(note.id())));
    }

    /** Cuts notes at every line of a grid that falls into them. */
    static LineEdit cut(NoteSet notes, GridLines grid) {
        return cut(notes, (note, at) -> grid.after(at));
    }

    /** Cuts notes into so many pieces, equal to a tick. */
    static LineEdit cut(NoteSet notes, int pieces) {
        return cut(notes, (note, at) -> {
            long count = Math.min(pieces, note.length());
            long cut = note.start();
            for (int piece = 1; cut <= at; piece++) {
                cut = note.start() + note.length() * piece / count;
            }
            return cut;
        });
    }

    /** @param nextCut the first cut after a tick of a note */
    private static LineEdit cut(NoteSet notes, BiFunction<Note, Long, Long> nextCut) {
        return (line, fresh) -> {
            List<Note> all = new ArrayList<>();
            for (Note note : line.notes()) {
                if (!notes.contains(note)) {
                    all.add(note);
                    continue;
                }
                long from = note.start();
                long id = note.id();
                while (from < note.end()) {
                    long to = Math.min(note.end(), nextCut.apply(note, from));
                    all.add(note.withStart(from).withLength(to - from).withId(id));
                    from = to;
                    id = from < note.end() ? fresh.getAsLong() : id;
                }
            }
            return Line.of(all);
        };
    }

    /** Joins the chosen notes of each pitch into one, from the beginning of the first to the end of the last. */
    static LineEdit join(NoteSet notes) {
        return (line, fresh) -> {
            List<Note> all = new ArrayList<>();
            Map<Integer, Note> joined = new TreeMap<>();
            for (Note note : line.notes()) {
                if (notes.contains(note)) {
                    joined.merge(note.channel() << 7 | note.pitch(), note, (first, next) ->
                            first.withLength(Math.max(first.end(), next.end()) - first.start()));
                } else {
                    all.add(note);
                }
            }
            all.addAll(joined.values());
            return Line.of(all);
        };
    }

    private static Line each(Line line, NoteSet notes, UnaryOperator<Note> edit) {
        return line.with(notes, edit);
    }
}
