package amberfence.app.ladder;

import amberfence.app.theme.Swatches.Role;
import java.util.ArrayList;
import java.util.List;

/** Joins notes of one pitch that are too narrow to be told apart into bars, so that a crowd costs no more than a few notes. */
final class NoteRuns {
    /** Notes that stand closer than this, in pixels, are drawn as one. */
    private static final double GAP = 1.5;

    private record Run(double x, double y, double width, double height, boolean outside) {
    }

    private final NoteBox[] open = new NoteBox[128];
    private final boolean[] outside = new boolean[128];
    private final List<Run> done = new ArrayList<>();

    void add(int pitch, NoteBox box, boolean isOutside) {
        NoteBox run = open[pitch];
        if (run != null && outside[pitch] == isOutside && box.x() <= run.x() + run.width() + GAP) {
            double right = Math.max(run.x() + run.width(), box.x() + box.width());
            open[pitch] = new NoteBox(run.x(), run.y(), right - run.x(), run.height());
        } else {
            close(pitch);
            open[pitch] = box;
            outside[pitch] = isOutside;
        }
    }

    private void close(int pitch) {
        NoteBox run = open[pitch];
        if (run != null) {
            done.add(new Run(run.x(), run.y(), run.width(), run.height(), outside[pitch]));
            open[pitch] = null;
        }
    }

    /** Draws all runs; returns how many there were. */
    int paint(NoteShapes shapes) {
        for (int pitch = 0; pitch < open.length; pitch++) {
            close(pitch);
        }
        done.forEach(run -> shapes.bar(run.x, run.y, run.width, run.height, run.outside ? Role.OUTSIDE : Role.AMBER));
        return done.size();
    }
}
