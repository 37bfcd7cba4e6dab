package amberfence.app.session;

import amberfence.notes.NoteSet;
import amberfence.result.SongResults;
import amberfence.step.pick.Pick;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The pick that is being put together, and the notes of the selected part that it finds, before any step. */
public final class LivePick {
    private final Session session;
    private final ReadOnlyObjectWrapper<Optional<Pick.Rule>> rule = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<NoteSet> notes = new ReadOnlyObjectWrapper<>(NoteSet.NONE);

    LivePick(Session session) {
        this.session = session;
        rule.addListener((property, old, now) -> update());
        session.results().addListener((property, old, now) -> update());
        session.selection().part().addListener((property, old, now) -> update());
    }

    /** The rule; empty while nothing is picked. */
    public ReadOnlyObjectProperty<Optional<Pick.Rule>> rule() {
        return rule.getReadOnlyProperty();
    }

    /** Picks by a rule from now on; empty ends that. */
    public void choose(Optional<Pick.Rule> by) {
        rule.set(by);
    }

    /** The notes that the rule finds now. */
    public ReadOnlyObjectProperty<NoteSet> notes() {
        return notes.getReadOnlyProperty();
    }

    private void update() {
        if (rule.get().isEmpty() && notes.get().isEmpty()) {
            return;
        }
        notes.set(rule.get().flatMap(some -> session.part().map(part -> some.choose(part.line(),
                SongResults.of(session.results().get().song()).surroundings(part)))).orElse(NoteSet.NONE));
    }
}
