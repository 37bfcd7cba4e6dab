package amberfence.app.parts;

import amberfence.song.Line;
import amberfence.song.Note;
import java.util.Arrays;
import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;

/** The rough shape of a line: how its top notes rise and fall over the song. */
final class PartOutline extends Pane {
    private static final double WIDTH = 174;
    private static final double HEIGHT = 26;
    private static final int POINTS = 44;
    private final Polyline shape = new Polyline();

    PartOutline() {
        shape.getStyleClass().add("outline");
        setMinSize(WIDTH, HEIGHT);
        setPrefSize(WIDTH, HEIGHT);
        getChildren().add(shape);
    }

    void show(Line line, long end) {
        shape.getPoints().clear();
        List<Note> notes = line.notes();
        if (notes.isEmpty()) {
            return;
        }
        int lowest = notes.stream().mapToInt(Note::pitch).min().orElse(0);
        int highest = notes.stream().mapToInt(Note::pitch).max().orElse(127);
        double[] tops = new double[POINTS];
        Arrays.fill(tops, Double.NaN);
        for (Note note : notes) {
            int at = (int) Math.min(POINTS - 1, note.start() * POINTS / Math.max(1, end));
            tops[at] = Double.isNaN(tops[at]) ? note.pitch() : Math.max(tops[at], note.pitch());
        }
        for (int i = 0; i < POINTS; i++) {
            if (!Double.isNaN(tops[i])) {
                double share = highest == lowest ? 0.5 : (tops[i] - lowest) / (highest - lowest);
                shape.getPoints().addAll(2 + (WIDTH - 4) * i / (POINTS - 1), HEIGHT - 4 - share * (HEIGHT - 8));
            }
        }
    }
}
