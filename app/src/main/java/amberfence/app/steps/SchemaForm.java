package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.UnreadStep;
import amberfence.step.catalogue.StepCatalogue;
import javafx.scene.Node;

/** The settings form of a step, made from its schema: a row for each setting that counts. */
public final class SchemaForm {
    private SchemaForm() {
    }

    /** The form of a step, which tells its host what is changed. */
    public static Node of(Step step, FormHost host) {
        FormRows rows = new FormRows();
        if (step instanceof UnreadStep unread) {
            return rows.plus(Controls.paragraph(Words.say("form.unread", unread.why()), "alarm", "small"));
        }
        fill(rows, step, StepCatalogue.of(step), host);
        return rows;
    }

    private static <S extends Step> void fill(FormRows rows, Step step, StepSchema<S> schema, FormHost host) {
        S own = schema.own(step);
        for (StepSetting<S> setting : schema.settings()) {
            if (setting.counts(own)) {
                SettingControl<S> control = new SettingControl<>(own, schema, setting, host);
                Node row = SpecialControls.wide(control).orElseGet(() -> FormRows.row(control.label(),
                        SpecialControls.beside(control).orElseGet(control::node)));
                SettingHelp.answerKey(row, schema, setting);
                rows.plus(row);
            }
        }
        rows.plus(SpecialControls.below(own, schema, host).toArray(Node[]::new));
    }
}
