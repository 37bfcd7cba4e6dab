package amberfence.step.fit;

import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The notes of a part where a figure is to stand: those that the figure meets again stay the part's own. */
final class OwnNotes {
    private final long alike;
    private final Map<Long, List<Note>> byStart = new TreeMap<>();

    /** @param alike by how many ticks two lengths may differ and still be taken for the same */
    OwnNotes(long alike) {
        this.alike = alike;
    }

    void add(Note note) {
        byStart.computeIfAbsent(note.start(), start -> new ArrayList<>()).add(note);
    }

    /**
     * Takes out the note that stands where a note of the figure sounds: the very one from which that note was written, else
     * one of the same length, nearest in pitch.
     *
     * @param written the note from which the figure's was written, or null
     */
    Optional<Note> take(Note written, Note sounding) {
        List<Note> there = byStart.getOrDefault(sounding.start(), List.of());
        Optional<Note> found = there.stream().filter(note -> written != null && note.id() == written.id()).findFirst()
                .or(() -> there.stream().filter(note -> note.channel() == sounding.channel()
                        && Math.abs(note.length() - sounding.length()) <= alike)
                        .min(Comparator.comparingInt(note -> Math.abs(note.pitch() - sounding.pitch()))));
        found.ifPresent(there::remove);
        return found;
    }

    /** Those that nobody took, in time. */
    List<Note> left() {
        return byStart.values().stream().flatMap(List::stream).toList();
    }
}
