package amberfence.app.steps;

import amberfence.app.theme.Choice;
import amberfence.app.words.GridWords;
import amberfence.step.chord.PlayChords;
import amberfence.step.chord.Rhythm;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;

/** The settings of the steps that make notes out of chords and tunes. */
final class ChordForms {
    /** The lines that have a chip of their own: thirds to sixths and the octave, on both sides. */
    private static final int[] USUAL_LINES = {3, 4, 5, 6, 8};

    private ChordForms() {
    }

    static Node of(PlayChords step, FormHost host) {
        FormRows rows = new FormRows().plus(FormRows.row("step.rhythm", FormRows.choice("play-rhythm", Rhythm.values(),
                step.rhythm(), "rhythm", chosen -> host.chosen("rhythm", chosen, step.withRhythm(chosen)))));
        if (step.rhythm() == Rhythm.OWN) {
            rows.plus(FormRows.row("step.pattern", FormRows.field("play-pattern", step.pattern(),
                    text -> host.set("pattern", text, step.withPattern(text)))),
                    FormRows.row("step.grid", Choice.of("play-grid", GridWords.all(), step.grid(), GridWords::of,
                            grid -> host.set("grid", GridWords.of(grid), new PlayChords(step.rhythm(), step.pattern(), grid,
                                    step.share(), step.velocity())))));
        }
        return rows.plus(FormRows.row("step.share", FormRows.number("play-share", step.share(), 5, 100,
                share -> host.set("share", share, step.withShare(share)))),
                FormRows.row("step.velocity", FormRows.number("play-velocity", step.velocity(), 1, 127,
                        velocity -> host.set("velocity", velocity, new PlayChords(step.rhythm(), step.pattern(), step.grid(),
                                step.share(), velocity)))));
    }

    static Node of(Harmony step, FormHost host) {
        Set<HarmonyLine> offered = new LinkedHashSet<>();
        for (boolean above : new boolean[] {true, false}) {
            for (int number : USUAL_LINES) {
                offered.add(new HarmonyLine(number, above));
            }
        }
        offered.addAll(step.lines());
        FlowPane chips = new FlowPane(5, 5);
        for (HarmonyLine line : offered) {
            ToggleButton chip = new ToggleButton(line.text());
            chip.setId("harmony-" + line.text().replace(' ', '-'));
            chip.getStyleClass().add("chip-toggle");
            chip.setSelected(step.lines().contains(line));
            // A harmony without a line is none: the last one stays.
            chip.setDisable(step.lines().equals(List.of(line)));
            chip.setOnAction(event -> host.set("lines", line.text(), step.withLines(changed(step.lines(), line))));
            chips.getChildren().add(chip);
        }
        return new FormRows().plus(FormRows.row("step.harmonyWay", FormRows.choice("harmony-way", Harmony.Way.values(), step.way(),
                "harmonyWay", chosen -> host.chosen("harmonyWay", chosen, step.withWay(chosen)))), chips);
    }

    private static List<HarmonyLine> changed(List<HarmonyLine> lines, HarmonyLine line) {
        List<HarmonyLine> changed = new ArrayList<>(lines);
        if (!changed.remove(line)) {
            changed.add(line);
        }
        return changed;
    }
}
