package amberfence.app.ladder;

import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.reading.Overlaps;
import amberfence.result.Standing;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;

/** Draws the notes that are in view. */
final class NotePainter {
    /** With more notes than this in view, those too narrow to be told apart are drawn as bars. */
    private static final int CROWD = 1500;
    /** From so many notes in view on they have no round corners, which take most of the time to draw; fewer have them again. */
    private static final int MANY = 200;
    private static final int FEWER = 150;
    private static final double NARROW = 6;
    /** What is drawn in one place only. */
    private static final Set<Standing.Kind> PLAIN = EnumSet.of(Standing.Kind.INSIDE, Standing.Kind.ALLOWED, Standing.Kind.KEPT, Standing.Kind.OUTSIDE, Standing.Kind.MADE);
    private final NoteShapes shapes;
    /** Whether the last time many notes were in view. */
    private boolean many;

    NotePainter(Swatches swatches) {
        shapes = new NoteShapes(swatches);
    }

    /**
     * What is drawn besides the notes themselves.
     *
     * @param before whether the notes are shown as they were
     * @param selected identities of the selected notes
     * @param picked what the pick finds
     * @param outline another take, drawn as outlines
     * @param overlaps small ones, which are marked
     */
    record Marks(boolean before, Set<Long> selected, NoteSet picked, Line outline, OverlapMarks overlaps) {
    }

    /** Draws the notes that are in view; returns how many shapes were drawn. */
    int paint(GraphicsContext g, Viewport view, LadderScene scene, Marks marks) {
        g.clearRect(0, 0, view.width(), view.height());
        shapes.on(g);
        outline(view, marks.outline());
        int first = scene.firstAt(view.firstTick());
        int last = scene.firstFrom(view.lastTick() + 1);
        boolean crowded = last - first > CROWD;
        many = last - first > (many ? FEWER : MANY);
        shapes.round(!many);
        NoteRuns runs = new NoteRuns();
        Standing[] top = new Standing[128];
        int[] column = new int[2 * 128];
        Arrays.fill(column, -1);
        int drawn = 0;
        for (int i = first; i < last; i++) {
            Standing standing = scene.notes().get(i);
            if (crowded) {
                Note note = standing.shown(marks.before());
                int row = note.pitch() << 1 | (standing.kind() == Standing.Kind.OUTSIDE ? 1 : 0);
                if (isMarked(column, row, note, view) && !marks.selected().contains(note.id())) {
                    continue;
                }
                if (hides(top[note.pitch()], standing, marks)) {
                    continue;
                }
                top[note.pitch()] = standing;
            }
            NoteBox shown = NoteBox.of(view, standing.shown(marks.before()));
            boolean marked = marks.selected().contains(standing.before().id());
            if (crowded && shown.width() < NARROW && !marked) {
                if (shown.isSeen(view)) {
                    runs.add(standing.shown(marks.before()).pitch(), shown, standing.kind() == Standing.Kind.OUTSIDE);
                }
            } else if (shown.isSeen(view) || NoteBox.of(view, standing.before()).isSeen(view)) {
                paint(view, scene, standing, shown, marks);
                drawn++;
            }
        }
        drawn += runs.paint(shapes);
        overlaps(view, marks);
        return drawn;
    }

    /**
     * Whether a narrow note would stand where its row has a mark; else it has one now. One mark for each column of pixels and row
     * is all that can be seen of many.
     *
     * @param column the column of the last mark, by rows
     */
    private static boolean isMarked(int[] column, int row, Note note, Viewport view) {
        int at = (int) view.x(note.start()) >> 1;
        boolean marked = column[row] == at && note.length() * view.pixelsPerTick() < NARROW;
        column[row] = at;
        return marked;
    }

    /** Whether a note lies exactly under another one that looks the same: thousands may, when all were drawn to one beat. */
    private static boolean hides(Standing other, Standing standing, Marks marks) {
        if (other == null || other.kind() != standing.kind() || !PLAIN.contains(standing.kind())) {
            return false;
        }
        Note over = other.shown(marks.before());
        Note under = standing.shown(marks.before());
        return over.start() == under.start() && over.length() == under.length() && !marks.selected().contains(under.id()) && !marks.picked().contains(under);
    }

    private void outline(Viewport view, Line line) {
        int[] column = new int[128];
        Arrays.fill(column, -1);
        for (Note note : line.notes()) {
            if (note.end() >= view.firstTick() && note.start() <= view.lastTick()) {
                NoteBox box = NoteBox.of(view, note);
                if (!isMarked(column, note.pitch(), note, view) && box.isSeen(view)) {
                    shapes.outlined(new NoteBox(box.x() - 1, box.y() - 1, box.width() + 2, box.height() + 2), Role.INK_SOFT, 1.3);
                }
            }
        }
    }

    private void paint(Viewport view, LadderScene scene, Standing standing, NoteBox shown, Marks marks) {
        Note note = standing.before();
        NoteBox was = NoteBox.of(view, note);
        boolean selected = marks.selected().contains(note.id());
        switch (standing.kind()) {
            case INSIDE -> shapes.solid(was, note.velocity());
            case ALLOWED, KEPT -> shapes.open(was);
            case OUTSIDE -> shapes.hatched(was);
            case MADE -> shapes.made(shown);
            case LEFT_OUT -> {
                if (standing.isAfterInside()) {
                    shapes.filled(was, Role.WASH);
                } else {
                    shapes.hatched(was);
                }
                if (!marks.before()) {
                    shapes.crossed(was);
                }
            }
            case MOVED -> moved(standing, was, NoteBox.of(view, standing.shown(false)), marks.before());
            case CHANGED -> changed(standing, was, shown, marks.before(), selected);
            default -> throw new IllegalStateException("no drawing for " + standing.kind());
        }
        scene.waiting(note.id()).filter(goes -> !marks.before()).ifPresent(goes -> {
            NoteBox there = NoteBox.of(view, goes);
            shapes.dashed(there, Role.OUTSIDE);
            if (goes.start() == note.start() && goes.pitch() != note.pitch()) {
                shapes.arrow(was, there);
            }
        });
        if (marks.picked().contains(note)) {
            shapes.picked(shown);
        }
        if (selected) {
            shapes.selected(shown);
        }
    }

    private void moved(Standing standing, NoteBox was, NoteBox goes, boolean before) {
        shapes.hatched(was);
        if (standing.isAfterInside()) {
            shapes.target(goes, !before);
        } else {
            shapes.hatched(goes);
        }
        if (goes.x() == was.x() && goes.y() != was.y()) {
            shapes.arrow(was, goes);
        }
    }

    /** A note that was right already: where it was is shown while it is selected. */
    private void changed(Standing standing, NoteBox was, NoteBox shown, boolean before, boolean selected) {
        if (before || standing.isAfterInside()) {
            shapes.solid(shown, standing.shown(before).velocity());
        } else {
            shapes.hatched(shown);
        }
        if (selected && !before) {
            shapes.dashed(was, Role.INK_SOFT);
        }
    }

    private void overlaps(Viewport view, Marks marks) {
        if (marks.before() || view.pixelsPerTick() <= 0) {
            return;
        }
        double last = Double.NEGATIVE_INFINITY;
        for (Overlaps.Overlap overlap : marks.overlaps().between(view.firstTick(), view.lastTick())) {
            // More than one in two pixels cannot be told apart.
            if (view.x(overlap.next().start()) >= last + 2) {
                last = view.x(overlap.next().start());
                NoteBox box = NoteBox.of(view, overlap.note());
                shapes.overlap(view.x(overlap.next().start()), box.y() - 2, overlap.ticks() * view.pixelsPerTick());
            }
        }
    }
}
