package amberfence.app.ladder;

import amberfence.notes.Note;
import java.util.List;
import java.util.Optional;

/** A drag in the ladder from the press to the release: it shows what would become of the notes, and then makes it so. */
interface LadderDrag {
    /**
     * The mouse is here now.
     *
     * @param free whether Alt is held: any pitch, any time
     */
    void to(double x, double y, boolean free);

    /** The notes as they would be heard. */
    List<Note> ghosts();

    /** What would happen, in a few words; empty while nothing would. */
    String words();

    /** The mouse is released. */
    void finish(boolean adding);

    /** The rubber band, if this draws one. */
    default Optional<Band> band() {
        return Optional.empty();
    }

    /** A rectangle from where the mouse was pressed to where it is now, in pixels. */
    record Band(double fromX, double fromY, double toX, double toY) {
        double left() {
            return Math.min(fromX, toX);
        }

        double right() {
            return Math.max(fromX, toX);
        }

        double top() {
            return Math.min(fromY, toY);
        }

        double bottom() {
            return Math.max(fromY, toY);
        }
    }
}
