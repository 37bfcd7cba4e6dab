package amberfence.app.steps;

import amberfence.app.session.Effort;
import amberfence.app.theme.Controls;
import amberfence.app.theme.LineOutline;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.song.Song;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What a step that rolls dice comes to with some seeds, to choose from, each as a small picture; and others. */
final class LineControl {
    private static final int LINES = 4;
    private static final double OUTLINE_WIDTH = 42;
    private static final double OUTLINE_HEIGHT = 26;
    /** Lines with more notes are told apart by their numbers only. */
    private static final int MOST_OUTLINED = 4000;

    private LineControl() {
    }

    static <S extends Step> Node of(SettingControl<S> control) {
        FormHost host = control.host();
        long chosen = Long.parseLong(control.now());
        HBox row = new HBox(4);
        long first = Math.floorDiv(chosen - 1, LINES) * LINES + 1;
        for (long seed = first; seed < first + LINES; seed++) {
            long number = seed;
            ToggleButton choice = Controls.chip(control.id() + "-" + (number - first + 1), Long.toString(number), chosen == number,
                    on -> control.change(Long.toString(number)));
            choice.setMaxWidth(Double.MAX_VALUE);
            if (host.session().part().filter(part -> part.line().size() <= MOST_OUTLINED).isPresent()) {
                LineOutline outline = new LineOutline(OUTLINE_WIDTH, OUTLINE_HEIGHT);
                String name = control.id() + " " + (number - first);
                S step = control.setting().read(control.step(), Long.toString(number), SettingTexts.ALONE);
                host.follow(() -> show(host, name, step, outline));
                choice.setText("");
                choice.setAccessibleText(Words.say("form.line", number));
                choice.setGraphic(outline);
            }
            choice.getStyleClass().add("line-choice");
            Controls.tip(choice, Words.say("form.line", number));
            row.getChildren().add(choice);
        }
        Button others = Controls.button(control.id() + "-others", "form.otherLines", event -> control.change(Long.toString(first + LINES)), "choice");
        HBox head = new HBox(8, control.label(), Controls.filler(), others);
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(4, head, row);
    }

    private static void show(FormHost host, String name, Step step, LineOutline outline) {
        Song song = host.session().results().get().song();
        host.session().part().ifPresent(part -> {
            Function<Step, Line> tried = host.tried().get();
            host.session().computations().ask(name, LINES * Effort.of(step, part, song), () -> {
                Line line = tried.apply(step);
                return LineOutline.tops(line, line.end());
            }, outline::show);
        });
    }
}
