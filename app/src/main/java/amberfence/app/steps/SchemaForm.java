package amberfence.app.steps;

import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.UnreadStep;
import amberfence.theory.MusicTextException;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;

/** The settings of any step, a control for each by its kind: a step that has no form of its own needs none. */
final class SchemaForm {
    private SchemaForm() {
    }

    static Node of(Step step, StepSchema<?> schema, FormHost host) {
        FormRows rows = new FormRows();
        if (step instanceof UnreadStep unread) {
            Label why = Controls.label(Words.say("form.unread", unread.why()), "alarm", "small");
            why.setWrapText(true);
            return rows.plus(why);
        }
        fill(rows, step, schema, host);
        return rows;
    }

    private static <S extends Step> void fill(FormRows rows, Step step, StepSchema<S> schema, FormHost host) {
        S own = schema.own(step);
        SettingTexts texts = texts(host);
        for (StepSetting<S> setting : schema.freeSettings()) {
            Node control = control(own, setting, texts, host);
            Controls.tip(control, setting.meaning() + " (" + setting.type().words() + ")");
            rows.plus(FormRows.plainRow(setting.label(), control));
        }
    }

    private static <S extends Step> Node control(S step, StepSetting<S> setting, SettingTexts texts, FormHost host) {
        String id = "setting-" + setting.key();
        String now = setting.text(step, texts);
        return switch (setting.type().kind()) {
            case CHOICE -> Choice.of(id, setting.type().values(), now, value -> value.replace('-', ' '),
                    value -> change(step, setting, value, texts, host));
            case CHORDS -> Choice.of(id, sources(now, host), now, value -> value, value -> change(step, setting, value, texts, host));
            case FLAG -> {
                ToggleButton toggle = Controls.toggle(id, now.equals("on"));
                toggle.setAccessibleText(setting.label());
                toggle.setOnAction(event -> change(step, setting, toggle.isSelected() ? "on" : "off", texts, host));
                yield new HBox(toggle);
            }
            case WHOLE -> FormRows.number(id, Integer.parseInt(now), (int) setting.type().least().orElse(Integer.MIN_VALUE),
                    (int) setting.type().most().orElse(Integer.MAX_VALUE), value -> change(step, setting, Integer.toString(value), texts, host));
            default -> FormRows.field(id, now, value -> change(step, setting, value, texts, host));
        };
    }

    private static <S extends Step> void change(S step, StepSetting<S> setting, String value, SettingTexts texts, FormHost host) {
        S changed = setting.read(step, value, texts);
        host.change().accept(Words.say("edit.setting", setting.label(), value), changed);
    }

    private static List<String> sources(String now, FormHost host) {
        List<String> sources = new ArrayList<>(List.of("progression", "chord-parts"));
        host.session().results().get().song().parts().stream().filter(part -> !part.isDrums()).map(Part::name).forEach(sources::add);
        if (!sources.contains(now)) {
            sources.add(now);
        }
        return sources;
    }

    /** In a form parts are told by their names, as they stand in the list. */
    private static SettingTexts texts(FormHost host) {
        Song song = host.session().results().get().song();
        return new SettingTexts(id -> song.find(id).map(Part::name).orElse(Words.say("form.partGone")),
                name -> song.parts().stream().filter(part -> part.name().equals(name)).findFirst().map(Part::id)
                        .orElseThrow(() -> new MusicTextException(Words.say("form.partGone"))), song.time().ticksPerQuarter());
    }
}
