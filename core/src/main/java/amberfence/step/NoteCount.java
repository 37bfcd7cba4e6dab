package amberfence.step;

import amberfence.notes.Note;
import java.util.Optional;
import java.util.function.BiFunction;

/** Notes to which the same happened, as findings tell them: the first of them, and how many they are. */
public final class NoteCount {
    private Note first;
    private int count;

    /** One more. */
    public void add(Note note) {
        add(note, 1);
    }

    /**
     * Several more at once.
     *
     * @param note the first of them
     */
    public void add(Note note, int notes) {
        first = first == null ? note : first;
        count += notes;
    }

    public boolean isEmpty() {
        return count == 0;
    }

    /** What is found of them, if there are any. */
    <F extends Finding> Optional<F> found(BiFunction<Note, Integer, F> finding) {
        return isEmpty() ? Optional.empty() : Optional.of(finding.apply(first, count));
    }
}
