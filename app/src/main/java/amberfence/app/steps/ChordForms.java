package amberfence.app.steps;

import amberfence.app.theme.Choice;
import amberfence.app.words.GridWords;
import amberfence.step.chord.PlayChords;
import amberfence.step.chord.Rhythm;
import javafx.scene.Node;

/** The settings of the steps that play the progression. */
final class ChordForms {
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
}
