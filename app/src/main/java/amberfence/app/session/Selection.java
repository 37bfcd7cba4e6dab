package amberfence.app.session;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.StepSlot;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * What the hands work on: a part, its open step, notes and chords, and the take that is outlined. The part and the step are
 * always such as the song has. Used on the interface thread only.
 */
public final class Selection {
    private final ReadOnlyObjectWrapper<Integer> part = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Long> openStep = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Set<Long>> notes = new ReadOnlyObjectWrapper<>(Set.of());
    private final ReadOnlyObjectWrapper<Set<Long>> chords = new ReadOnlyObjectWrapper<>(Set.of());
    private final ReadOnlyObjectWrapper<Integer> outlinedTake = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Integer> shapePoint = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<Note>> suggested = new ReadOnlyObjectWrapper<>(List.of());
    private final Supplier<Song> song;

    /** @param song the song as it is now */
    Selection(Supplier<Song> song) {
        this.song = song;
    }

    /** The number of the selected part; null while there is none. */
    public ReadOnlyObjectProperty<Integer> part() {
        return part.getReadOnlyProperty();
    }

    /** The slot of the step of the selected part that is open; null for none. */
    public ReadOnlyObjectProperty<Long> openStep() {
        return openStep.getReadOnlyProperty();
    }

    /** Identities of the selected notes. */
    public ReadOnlyObjectProperty<Set<Long>> notes() {
        return notes.getReadOnlyProperty();
    }

    /** Identities of the selected chords of the progression. */
    public ReadOnlyObjectProperty<Set<Long>> chords() {
        return chords.getReadOnlyProperty();
    }

    /** The take of the selected part that is drawn as outlines over the current one; null for none. */
    public ReadOnlyObjectProperty<Integer> outlinedTake() {
        return outlinedTake.getReadOnlyProperty();
    }

    /** The point of the open step's shape that is marked, counted from 0; null for the middle one. */
    public ReadOnlyObjectProperty<Integer> shapePoint() {
        return shapePoint.getReadOnlyProperty();
    }

    public void markShapePoint(Integer point) {
        shapePoint.set(point);
    }

    /** Notes of the selected part as they would be if a way out were taken. */
    public ReadOnlyObjectProperty<List<Note>> suggested() {
        return suggested.getReadOnlyProperty();
    }

    /** Shows how notes of the selected part would be. */
    public void suggest(List<Note> notes) {
        suggested.set(List.copyOf(notes));
    }

    /** Selects a part and opens its first step; one that is gone, as a card may not yet know, is not selected. */
    public void selectPart(Integer id) {
        Optional<Part> chosen = id == null ? Optional.empty() : song.get().find(id);
        if (id != null && chosen.isEmpty()) {
            return;
        }
        notes.set(Set.of());
        suggested.set(List.of());
        outlinedTake.set(null);
        openStep.set(chosen.flatMap(same -> same.steps().stream().findFirst()).map(StepSlot::id).orElse(null));
        part.set(id);
    }

    /** Opens a step of the selected part; null closes it. */
    public void openStep(Long slot) {
        shapePoint.set(null);
        openStep.set(slot);
    }

    public void selectNotes(Set<Long> chosen) {
        suggested.set(List.of());
        notes.set(chosen);
    }

    /** The selected notes of a line, in its order. */
    public List<Note> in(Line line) {
        Set<Long> selected = notes.get();
        return selected.isEmpty() ? List.of() : NoteSet.of(selected).in(line);
    }

    public void selectChords(Set<Long> chosen) {
        chords.set(chosen);
    }

    /** Draws a take over the current one; null for none, and so is a take that the part has not got. */
    public void outline(Integer take) {
        boolean there = take != null && part.get() != null
                && song.get().find(part.get()).filter(now -> take < now.takes().size()).isPresent();
        outlinedTake.set(there ? take : null);
    }

    /** Nothing is selected: another song is coming. */
    void clear() {
        notes.set(Set.of());
        chords.set(Set.of());
        suggested.set(List.of());
        outlinedTake.set(null);
        part.set(null);
    }

    /** The song changed: what has gone is not selected any more. Another take has steps of its own: the one in the place of the open one is open then. */
    void follow(Song before, Song now) {
        suggested.set(List.of());
        if (part.get() == null) {
            return;
        }
        Optional<Part> selected = now.find(part.get());
        if (selected.isEmpty()) {
            part.set(now.parts().isEmpty() ? null : now.parts().get(0).id());
            selected = now.parts().stream().findFirst();
        }
        Integer take = outlinedTake.get();
        if (take != null && selected.filter(same -> take < same.takes().size()).isEmpty()) {
            outlinedTake.set(null);
        }
        List<StepSlot> steps = selected.map(Part::steps).orElse(List.of());
        if (openStep.get() != null && !steps.isEmpty() && selected.get().step(openStep.get()).isEmpty()) {
            int place = before.find(part.get()).map(old -> StepSlot.place(old.steps(), openStep.get()))
                    .orElse(0);
            openStep.set(steps.get(Math.max(0, Math.min(place, steps.size() - 1))).id());
        }
    }
}
