package amberfence.app.ladder;

import amberfence.result.Standing;
import java.util.Optional;

/**
 * What lies under the mouse in the notes' layer.
 *
 * @param standing the note
 * @param place where on the note
 */
record LadderHit(Standing standing, Place place) {
    /** So near to an end, in pixels, a press takes hold of the end. */
    private static final double EDGE = 6;
    /** Notes narrower than this have no ends to take hold of. */
    private static final double TOO_NARROW = 15;

    /** Where on a note. */
    enum Place {
        START, BODY, END,
        /** Where the note was before the steps. */
        WAS
    }

    /** The topmost note under a place, in pixels. */
    static Optional<LadderHit> at(Viewport view, LadderScene scene, boolean before, double x, double y) {
        LadderHit found = null;
        double slack = 4 / view.pixelsPerTick();
        int last = scene.firstFrom(view.tick(x) + slack);
        for (int i = scene.firstAt(view.tick(x) - slack); i < last; i++) {
            Standing standing = scene.notes().get(i);
            NoteBox shown = NoteBox.of(view, standing.shown(before));
            if (shown.contains(x, y)) {
                found = new LadderHit(standing, place(shown, x));
            } else if (isGhostShown(standing) && NoteBox.of(view, standing.before()).contains(x, y)) {
                found = new LadderHit(standing, Place.WAS);
            }
        }
        return Optional.ofNullable(found);
    }

    private static boolean isGhostShown(Standing standing) {
        return standing.kind() == Standing.Kind.MOVED || standing.kind() == Standing.Kind.LEFT_OUT;
    }

    private static Place place(NoteBox box, double x) {
        if (box.width() < TOO_NARROW) {
            return Place.BODY;
        }
        return x > box.x() + box.width() - EDGE ? Place.END : x < box.x() + EDGE ? Place.START : Place.BODY;
    }
}
