package amberfence.app.ladder;

import amberfence.app.session.Session;
import amberfence.notes.Note;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Selects what a rubber band touches. */
final class BandDrag implements LadderDrag {
    private static final double CLICK = 3;
    private final LadderView ladder;
    private final Session session;
    private Band band;

    BandDrag(LadderView ladder, Session session, double x, double y) {
        this.ladder = ladder;
        this.session = session;
        this.band = new Band(x, y, x, y);
    }

    @Override
    public void to(double x, double y, boolean free) {
        band = new Band(band.fromX(), band.fromY(), x, y);
    }

    @Override
    public Optional<Band> band() {
        return Optional.of(band);
    }

    @Override
    public List<Note> ghosts() {
        return List.of();
    }

    @Override
    public String words() {
        return "";
    }

    @Override
    public void finish(boolean adding) {
        if (band.right() - band.left() < CLICK && band.bottom() - band.top() < CLICK) {
            return;
        }
        Viewport now = ladder.viewport();
        LadderScene scene = ladder.scene();
        boolean before = session.transport().showingBefore().get();
        double left = now.tick(band.left());
        double right = now.tick(band.right());
        int high = now.pitch(band.top());
        int low = now.pitch(band.bottom());
        Set<Long> selected = new HashSet<>(adding ? session.selection().notes().get() : Set.of());
        int last = scene.firstFrom(right);
        for (int i = scene.firstAt(left); i < last; i++) {
            Note note = scene.notes().get(i).shown(before);
            if (note.pitch() >= low && note.pitch() <= high && note.end() > left && note.start() < right) {
                selected.add(note.id());
            }
        }
        session.selection().selectNotes(Set.copyOf(selected));
    }
}
