package amberfence.app.steps;

import amberfence.app.session.Effort;
import amberfence.app.theme.Controls;
import amberfence.app.theme.LineOutline;
import amberfence.app.words.Words;
import amberfence.song.Line;
import amberfence.step.Step;
import amberfence.step.fit.FitBass;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Some lines of "Fit bass" to choose from, each as a small picture, and others. */
final class LineControl {
    private static final int LINES = 4;
    private static final double OUTLINE_WIDTH = 42;
    private static final double OUTLINE_HEIGHT = 26;
    /** Lines with more notes are told apart by their numbers only. */
    private static final int MOST_OUTLINED = 4000;

    private LineControl() {
    }

    static Node of(SettingControl<?> control) {
        FitBass step = (FitBass) control.step();
        FormHost host = control.host();
        HBox row = new HBox(4);
        long first = Math.floorDiv(step.seed() - 1, LINES) * LINES + 1;
        for (long seed = first; seed < first + LINES; seed++) {
            long number = seed;
            ToggleButton choice = Controls.chip("fit-line-" + (number - first + 1), Long.toString(number), step.seed() == number,
                    on -> control.change(Long.toString(number)));
            choice.setMaxWidth(Double.MAX_VALUE);
            if (host.session().part().filter(part -> part.line().size() <= MOST_OUTLINED).isPresent()) {
                LineOutline outline = new LineOutline(OUTLINE_WIDTH, OUTLINE_HEIGHT);
                String name = "line " + (number - first);
                host.follow(() -> show(host, name, step.withSeed(number), outline));
                choice.setText("");
                choice.setAccessibleText(Words.say("form.line", number));
                choice.setGraphic(outline);
            }
            choice.getStyleClass().add("line-choice");
            Controls.tip(choice, Words.say(step.variety() == 0 ? "form.lineSame" : "form.line", number));
            row.getChildren().add(choice);
        }
        Button others = Controls.button("fit-others", "form.otherLines", event -> control.change(Long.toString(first + LINES)), "choice");
        HBox head = new HBox(8, Controls.label(control.setting().label(), "soft", "small"), Controls.filler(), others);
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(4, head, row);
    }

    private static void show(FormHost host, String name, FitBass step, LineOutline outline) {
        host.session().part().ifPresent(part -> {
            Function<Step, Line> tried = host.tried().get();
            host.session().computations().ask(name, LINES * Effort.of(step, part), () -> tried.apply(step),
                    line -> outline.show(line, line.end()));
        });
    }
}
