package amberfence.app.session;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Metre;
import amberfence.notes.TimeMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/** The grid on which hands put notes: one choice for each metre, since 6/8 asks for another one than 4/4. */
public final class SnapGrid {
    private final Map<String, Optional<Grid>> chosen = new HashMap<>();
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();

    /** The grid of a metre; empty when hands are free. */
    public Optional<Grid> of(Metre metre) {
        return chosen.getOrDefault(metre.text(), Optional.of(Grid.usual(metre)));
    }

    /** Chooses the grid of a metre, or none. */
    public void choose(Metre metre, Optional<Grid> grid) {
        chosen.put(metre.text(), grid);
        changes.set(changes.get() + 1);
    }

    /** Counts the choices that were made, for views that show them. */
    public ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    /** The lines around a tick, in the grid of its metre; empty when hands are free there. */
    public Optional<GridLines> lines(TimeMap time, long tick) {
        return of(time.metreAt(tick)).map(grid -> new GridLines(time, grid));
    }

    /** The line nearest to a tick, or the tick itself when hands are free. */
    public long nearest(TimeMap time, long tick) {
        return lines(time, tick).map(lines -> lines.nearest(tick)).orElse(tick);
    }

    /** How far a tick moves when it goes to the line nearest to where it is wanted. */
    public long toLine(TimeMap time, long from, long wanted) {
        return nearest(time, Math.max(0, wanted)) - from;
    }
}
