package amberfence.app.ladder;

import amberfence.song.Song;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Orientation;
import javafx.scene.control.ScrollBar;

/** The two scroll bars of the ladder, kept in step with what is seen. */
final class LadderScrolling {
    /** Bars beyond the last note that can be scrolled to, so that there is room to draw. */
    private static final int ROOM = 4;
    private final ScrollBar across = new ScrollBar();
    private final ScrollBar down = new ScrollBar();
    private boolean updating;

    LadderScrolling(ObjectProperty<Viewport> view) {
        across.setId("ladder-across");
        down.setId("ladder-down");
        down.setOrientation(Orientation.VERTICAL);
        across.setFocusTraversable(false);
        down.setFocusTraversable(false);
        across.valueProperty().addListener((property, old, now) -> {
            if (!updating && view.get() != null) {
                view.set(view.get().withFirstTick(now.doubleValue()));
            }
        });
        down.valueProperty().addListener((property, old, now) -> {
            if (!updating && view.get() != null) {
                view.set(view.get().withScroll(now.doubleValue()));
            }
        });
    }

    ScrollBar across() {
        return across;
    }

    ScrollBar down() {
        return down;
    }

    void follow(Viewport now, LadderScene scene) {
        updating = true;
        Song song = scene.isEmpty() ? null : scene.results().song();
        long end = song == null ? 1 : song.time().barStart(song.lastBar() + 1 + ROOM);
        double seen = now.width() / now.pixelsPerTick();
        across.setMax(Math.max(0, end - seen));
        across.setVisibleAmount(across.getMax() * Math.min(1, seen / end));
        across.setValue(now.firstTick());
        down.setMax(Math.max(0, now.rows().total() - now.height()));
        down.setVisibleAmount(down.getMax() * Math.min(1, now.height() / now.rows().total()));
        down.setValue(now.scroll());
        updating = false;
    }
}
