package amberfence.app.ladder;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.reading.Overlaps;
import java.util.Objects;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/**
 * The small overlaps of the selected part as it is heard. To tell the voices of a long part apart takes many times as long as
 * an edit, which must not wait for it: they come by themselves, and until then those of the line before are known. One line
 * is looked through at a time, and then the newest.
 */
final class LadderOverlaps {
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final Session session;
    private final Runnable update = this::update;
    private OverlapMarks found = OverlapMarks.NONE;
    /** The line that was looked through last, or is being. */
    private Line line = Line.EMPTY;

    LadderOverlaps(Session session) {
        this.session = session;
        session.selection().part().subscribe(this::forget);
        session.frames().follow(update, session.results(), session.selection().part());
        update();
    }

    OverlapMarks found() {
        return found;
    }

    /** Counts how often others were found, for views that show them: to compare two long lists would take its time. */
    ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    private void show(OverlapMarks overlaps) {
        found = overlaps;
        changes.set(changes.get() + 1);
    }

    /** Drums have none. */
    private Line heard() {
        return session.part().filter(some -> !some.isDrums()).map(some -> session.results().get().part(some.id()).line()).orElse(Line.EMPTY);
    }

    /** Of another part nothing is known yet. */
    private void forget() {
        line = Line.EMPTY;
        show(OverlapMarks.NONE);
    }

    private void update() {
        Line heard = heard();
        if (session.computations().isWorkingOut(this) || heard == line) {
            return;
        }
        line = heard;
        Integer part = session.selection().part().get();
        session.computations().ask(this, heard.size(), () -> OverlapMarks.of(Overlaps.of(heard)), overlaps -> {
            if (Objects.equals(part, session.selection().part().get())) {
                show(overlaps);
            }
            session.frames().soon(update);
        }, cause -> {
            session.computations().trouble().accept(Words.say("session.failed"), cause);
            session.frames().soon(update);
        });
    }
}
