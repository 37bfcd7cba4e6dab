package amberfence.app.handbook;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/** The notes of an example on the rungs of their key, small. */
final class ExamplePicture extends Pane {
    private static final double WIDTH = 212;
    private static final double HEIGHT = 92;
    private static final double AROUND = 4;
    private static final double LEAST_ROWS = 9;
    private final int lowest;
    private final double row;
    private final double tick;

    /** @param line the one of the two that is shown, at the scale at which both have room */
    ExamplePicture(Key key, Line before, Line after, Line line, String accessible) {
        int[] pitches = Stream.of(before, after).flatMapToInt(some -> some.notes().stream().mapToInt(Note::pitch)).toArray();
        int low = IntStream.of(pitches).min().orElse(60);
        int high = IntStream.of(pitches).max().orElse(72);
        double rows = Math.max(LEAST_ROWS, high - low + 3);
        this.lowest = low - (int) Math.round((rows - (high - low + 1)) / 2);
        this.row = (HEIGHT - 2 * AROUND) / rows;
        this.tick = (WIDTH - 2 * AROUND) / Math.max(1, Math.max(before.end(), after.end()));
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        getStyleClass().add("example-picture");
        setAccessibleText(accessible);
        for (int i = 0; i < rows; i++) {
            if (isInside(key, lowest + i)) {
                Rectangle rung = box(AROUND, lowest + i, WIDTH - 2 * AROUND);
                rung.getStyleClass().add("example-rung");
                getChildren().add(rung);
            }
        }
        for (Note note : line.notes()) {
            Rectangle box = box(AROUND + note.start() * tick, note.pitch(), Math.max(2, note.length() * tick - 1.5));
            box.getStyleClass().addAll("example-note", isInside(key, note.pitch()) ? "inside" : "outside");
            getChildren().add(box);
        }
    }

    private static boolean isInside(Key key, int pitch) {
        return key.contains(PitchClass.of(pitch));
    }

    private Rectangle box(double x, int pitch, double width) {
        return new Rectangle(x, HEIGHT - AROUND - (pitch - lowest + 1) * row + 0.5, width, row - 1);
    }
}
