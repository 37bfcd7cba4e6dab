package amberfence.analysis;

import amberfence.notes.Note;
import java.util.List;
import java.util.function.IntFunction;

/**
 * A place where something may be wrong.
 *
 * @param part identity of the part
 * @param notes whom it is about, the one that is in doubt first
 * @param sentence with pitches named by a function
 * @param mends up to three ways out, the likeliest first
 */
public record Doubt(DoubtKind kind, int part, List<Note> notes, Sentence sentence, List<Mend> mends) {
    private static final int MOST_MENDS = 3;

    /** What is wrong, in words. */
    @FunctionalInterface
    public interface Sentence {
        String of(IntFunction<String> names);
    }

    public Doubt {
        notes = List.copyOf(notes);
        mends = List.copyOf(mends.subList(0, Math.min(MOST_MENDS, mends.size())));
    }

    /** The note that is in doubt. */
    public Note note() {
        return notes.get(0);
    }

    public long tick() {
        return note().start();
    }
}
