package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.HarmonyParts;
import amberfence.song.Part;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;

/** The settings of "Harmony". */
final class HarmonyForm {
    /** The lines that have a chip of their own: thirds to sixths and the octave, on both sides. */
    private static final int[] USUAL_LINES = {3, 4, 5, 6, 8};

    private HarmonyForm() {
    }

    static Node of(Harmony step, FormHost host) {
        FormRows rows = new FormRows().plus(FormRows.row("step.harmonyWay", FormRows.choice("harmony-way", Harmony.Way.values(),
                step.way(), "harmonyWay", chosen -> host.chosen("harmonyWay", chosen, step.withWay(chosen)))), lines(step, host));
        if (step.way() == Harmony.Way.CHORD) {
            rows.plus(SourceRows.of(step, host)).plus(FormRows.toggle("harmony-hold", "step.holdCommon", step.holdCommon(),
                    on -> host.switched("holdCommon", on, step.withHoldCommon(on))));
        }
        rows.plus(FormRows.toggle("harmony-clear", "step.noCrossing", step.noCrossing(),
                on -> host.switched("noCrossing", on, step.withNoCrossing(on))),
                FormRows.toggle("harmony-instead", "step.instead", step.instead(),
                        on -> host.switched("instead", on, step.withInstead(on))));
        host.slot().ifPresent(slot -> rows.plus(asParts(step, slot, host.session())));
        return rows;
    }

    private static Node lines(Harmony step, FormHost host) {
        Set<HarmonyLine> offered = new LinkedHashSet<>();
        for (boolean above : new boolean[] {true, false}) {
            for (int number : USUAL_LINES) {
                offered.add(new HarmonyLine(number, above));
            }
        }
        offered.addAll(step.lines());
        FlowPane chips = new FlowPane(5, 5);
        for (HarmonyLine line : offered) {
            ToggleButton chip = Controls.chip("harmony-" + line.text().replace(' ', '-'), line.text(), step.lines().contains(line),
                    on -> host.set("lines", line.text(), step.withLines(changed(step.lines(), line))));
            // A harmony without a line is none: the last one stays.
            chip.setDisable(step.lines().equals(List.of(line)));
            chips.getChildren().add(chip);
        }
        return chips;
    }

    private static List<HarmonyLine> changed(List<HarmonyLine> lines, HarmonyLine line) {
        List<HarmonyLine> changed = new ArrayList<>(lines);
        if (!changed.remove(line)) {
            changed.add(line);
        }
        return changed;
    }

    private static Node asParts(Harmony step, long slot, Session session) {
        Part part = session.part().orElseThrow();
        Button button = Controls.button("harmony-parts", null, event -> {
            session.edit(Words.say("form.asPartsDone", Words.count("form.lineCount", step.lines().size())),
                    song -> HarmonyParts.apart(song, part.id(), slot));
            session.message().set(Words.say("form.asPartsMessage", Words.count("form.lineCount", step.lines().size()), part.name()));
        }, "choice");
        button.setText(Words.say("form.asParts"));
        Controls.tip(button, Words.say("form.asPartsTip"));
        return button;
    }
}
