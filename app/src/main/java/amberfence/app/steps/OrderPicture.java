package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.edit.HandEdits;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Step;
import amberfence.step.draw.Arpeggio;
import javafx.scene.Node;
import javafx.scene.canvas.GraphicsContext;

/** Below the settings of an arpeggio: the order in which the notes of a chord come, drawn over a bar; the louder, the larger. */
final class OrderPicture {
    private static final double HEIGHT = 58;
    private static final double EDGE = 7;
    private static final double LARGEST = 9;
    private static final double LOUDEST = 127;

    private OrderPicture() {
    }

    static Node of(Step step, FormHost host) {
        Line example = host.session().part().map(part -> ((Arpeggio) step).example(HandEdits.meant(host.session().results().get().song(), part)))
                .orElse(Line.EMPTY);
        FormDrawing[] made = new FormDrawing[1];
        FormDrawing picture = new FormDrawing("arpeggio-order-picture", HEIGHT, () -> draw(made[0], example));
        made[0] = picture;
        picture.setAccessibleText(Words.say("form.orderPicture"));
        Controls.tip(picture, Words.say("form.orderPicture"));
        return picture;
    }

    private static void draw(FormDrawing picture, Line line) {
        if (line.isEmpty()) {
            return;
        }
        GraphicsContext to = picture.pen();
        int lowest = line.notes().stream().mapToInt(Note::pitch).min().orElseThrow();
        int highest = line.notes().stream().mapToInt(Note::pitch).max().orElseThrow();
        double[] x = new double[line.size()];
        double[] y = new double[line.size()];
        for (int i = 0; i < line.size(); i++) {
            Note note = line.notes().get(i);
            x[i] = EDGE + (picture.getWidth() - 2 * EDGE) * note.start() / line.end();
            y[i] = HEIGHT - EDGE - (HEIGHT - 2 * EDGE) * (note.pitch() - lowest) / Math.max(1, highest - lowest);
        }
        to.setStroke(picture.color(Swatches.Role.RULE));
        to.strokePolyline(x, y, x.length);
        to.setFill(picture.color(Swatches.Role.AMBER));
        for (int i = 0; i < x.length; i++) {
            double size = Math.max(3, LARGEST * line.notes().get(i).velocity() / LOUDEST);
            to.fillOval(x[i] - size / 2, y[i] - size / 2, size, size);
        }
    }
}
