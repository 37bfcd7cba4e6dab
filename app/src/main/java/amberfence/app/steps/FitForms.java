package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.theme.LineOutline;
import amberfence.app.words.Words;
import amberfence.song.Line;
import amberfence.step.fit.FitBass.Between;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.Held;
import java.util.Locale;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The settings of the steps that fit a part to the chords. */
final class FitForms {
    private static final int LINES = 4;
    private static final double OUTLINE_WIDTH = 42;
    private static final double OUTLINE_HEIGHT = 26;
    /** Lines with more notes are told apart by their numbers only. */
    private static final int MOST_OUTLINED = 4000;

    private FitForms() {
    }

    static Node of(FitChords step, FormHost host) {
        return new FormRows().plus(SourceRows.of(step, host)).plus(
                FormRows.row("step.held", FormRows.choice("fit-held", Held.values(), step.held(), "held",
                        chosen -> host.chosen("held", chosen, step.withHeld(chosen)))),
                FormRows.toggle("fit-bass", "step.chordBass", step.bass(),
                        on -> host.switched("chordBass", on, step.withBass(on))));
    }

    static Node of(FitMelody step, FormHost host) {
        Label hint = Controls.label(Words.say("form.fitMelody." + step.mode().name().toLowerCase(Locale.ROOT)), "soft",
                "small");
        hint.setWrapText(true);
        return new FormRows().plus(SourceRows.of(step, host)).plus(
                FormRows.row("step.fitMode", FormRows.choice("fit-mode", FitMelody.Mode.values(), step.mode(), "fitMode",
                        chosen -> host.chosen("fitMode", chosen, step.withMode(chosen)))), hint);
    }

    static Node of(FitBass step, FormHost host) {
        Between now = step.between();
        FlowPane between = new FlowPane(4, 4,
                chip("scale", now.scale(), host, on -> step.withBetween(new Between(on, now.steps(), now.semitones()))),
                chip("steps", now.steps(), host, on -> step.withBetween(new Between(now.scale(), on, now.semitones()))),
                chip("semitones", now.semitones(), host, on -> step.withBetween(new Between(now.scale(), now.steps(), on))));
        return new FormRows().plus(SourceRows.of(step, host)).plus(
                FormRows.row("step.strongBeats", FormRows.choice("fit-strong", FitBass.Strong.values(), step.strong(), "strongBeats",
                        chosen -> host.chosen("strongBeats", chosen, step.withStrong(chosen)))),
                FormRows.row("step.betweenBeats", between),
                FormRows.row("step.variety", FormRows.number("fit-variety", step.variety(), 0, 100,
                        variety -> host.set("variety", variety, step.withVariety(variety)))),
                FormRows.row("step.lowest", FormRows.pitch("fit-lowest", step.lowest(), host.spelling(),
                        lowest -> host.set("lowest", host.spelling().pitch(lowest).text(), step.withRange(Math.min(lowest, 116),
                                Math.max(step.highest(), Math.min(127, lowest + 11)))))),
                FormRows.row("step.highest", FormRows.pitch("fit-highest", step.highest(), host.spelling(),
                        highest -> host.set("highest", host.spelling().pitch(highest).text(), step.withRange(
                                Math.min(step.lowest(), Math.max(0, highest - 11)), Math.max(11, highest))))),
                lines(step, host));
    }

    private static ToggleButton chip(String name, boolean on, FormHost host, Function<Boolean, FitBass> change) {
        ToggleButton chip = Controls.chip("fit-between-" + name, Words.say("betweenBeats." + name), on,
                now -> host.set("betweenBeats", Words.say("betweenBeats." + name) + " " + Words.say(now ? "form.on" : "form.off"),
                        change.apply(now)));
        Controls.tip(chip, Words.say("betweenBeats." + name + "Tip"));
        return chip;
    }

    /** Some lines to choose from, each as a small picture, and others. */
    private static Node lines(FitBass step, FormHost host) {
        HBox row = new HBox(4);
        long first = Math.floorDiv(step.seed() - 1, LINES) * LINES + 1;
        for (long seed = first; seed < first + LINES; seed++) {
            long number = seed;
            ToggleButton choice = Controls.chip("fit-line-" + (number - first + 1), Long.toString(number), step.seed() == number,
                    on -> host.set("line", number, step.withSeed(number)));
            choice.setMaxWidth(Double.MAX_VALUE);
            if (host.session().part().filter(part -> part.line().size() <= MOST_OUTLINED).isPresent()) {
                Line line = host.tried().apply(step.withSeed(number));
                LineOutline outline = new LineOutline(OUTLINE_WIDTH, OUTLINE_HEIGHT);
                outline.show(line, line.end());
                choice.setText("");
                choice.setAccessibleText(Words.say("form.line", number));
                choice.setGraphic(outline);
            }
            choice.getStyleClass().add("line-choice");
            Controls.tip(choice, Words.say(step.variety() == 0 ? "form.lineSame" : "form.line", number));
            row.getChildren().add(choice);
        }
        Button others = Controls.button("fit-others", "form.otherLines",
                event -> host.set("line", first + LINES, step.withSeed(first + LINES)), "choice");
        HBox head = new HBox(8, Controls.label(Words.say("form.linesToChoose"), "soft", "small"), Controls.filler(), others);
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(4, head, row);
    }
}
