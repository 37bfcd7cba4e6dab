package amberfence.app.theme;

import amberfence.notes.Line;
import amberfence.notes.NoteColumns;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;

/** The outline of a line in a small picture: its highest notes over time. */
public final class LineOutline extends Pane {
    private static final int POINTS = 44;
    private final double width;
    private final double height;
    private final Polyline shape = new Polyline();
    private double[] shown = {};

    /** A picture of a size in pixels. */
    public LineOutline(double width, double height) {
        this.width = width;
        this.height = height;
        shape.getStyleClass().add("outline");
        setMinSize(width, height);
        setPrefSize(width, height);
        // The picture has its size whatever it shows.
        shape.setManaged(false);
        getChildren().add(shape);
    }

    /**
     * Shows a line.
     *
     * @param end the tick at the right edge
     */
    public void show(Line line, long end) {
        show(tops(line, end));
    }

    /** Shows tops that were worked out elsewhere. */
    public void show(double[] tops) {
        if (Arrays.equals(tops, shown)) {
            return;
        }
        shown = tops.clone();
        List<Double> points = new ArrayList<>();
        double lowest = Arrays.stream(tops).filter(top -> !Double.isNaN(top)).min().orElse(0);
        double highest = Arrays.stream(tops).filter(top -> !Double.isNaN(top)).max().orElse(127);
        for (int i = 0; i < POINTS; i++) {
            if (!Double.isNaN(tops[i])) {
                double share = highest == lowest ? 0.5 : (tops[i] - lowest) / (highest - lowest);
                points.add(2 + (width - 4) * i / (POINTS - 1));
                points.add(height - 4 - share * (height - 8));
            }
        }
        // At once: each change of the points is laid out anew.
        shape.getPoints().setAll(points);
    }

    /** The highest pitch of a line at each point of the outline, where there is one. */
    public static double[] tops(Line line, long end) {
        double[] tops = new double[POINTS];
        Arrays.fill(tops, Double.NaN);
        // Notes come in the order in which they begin: where a point ends is worked out for each point, not for each note.
        int at = 0;
        long next = firstTick(1, end);
        NoteColumns notes = line.columns();
        for (int i = 0; i < notes.size(); i++) {
            while (notes.start(i) >= next) {
                next = ++at == POINTS - 1 ? Long.MAX_VALUE : firstTick(at + 1, end);
            }
            tops[at] = Double.isNaN(tops[at]) ? notes.pitch(i) : Math.max(tops[at], notes.pitch(i));
        }
        return tops;
    }

    /** The first tick of a point. */
    private static long firstTick(int point, long end) {
        return (point * Math.max(1, end) + POINTS - 1) / POINTS;
    }
}
