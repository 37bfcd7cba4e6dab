package amberfence.app.steps;

import amberfence.step.SettingValues;
import amberfence.step.move.Fold;
import javafx.scene.Node;

/** "Fold into a range" around a note: shown as the middle of the range that it is now. */
final class FoldControl {
    private static final int HALF = 6;
    private static final int MOST = 127;

    private FoldControl() {
    }

    static Node of(SettingControl<?> control) {
        int centre = Math.min(MOST, ((Fold) control.step()).lowest() + HALF);
        return FormRows.pitch(control.id(), centre, control.host().spelling(), note -> control.change(SettingValues.pitchText(note),
                control.host().spelling().pitchText(note)));
    }
}
