package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.step.move.MoveToKey;
import amberfence.theory.Key;
import amberfence.theory.KeyKin;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The keys of "Move to another key": typed, or one near the key to come from. */
final class KeyControl {
    private KeyControl() {
    }

    private static Key own(SettingControl<?> control) {
        return control.host().session().results().get().fence().keyAt(control.host().tick());
    }

    static Node to(SettingControl<?> control) {
        FlowPane near = new FlowPane(5, 5);
        for (KeyKin kin : KeyKin.values()) {
            kin.of(((MoveToKey) control.step()).from().orElse(own(control))).ifPresent(key -> {
                String name = kin.name().toLowerCase(Locale.ROOT);
                Button button = Controls.button("form-kin-" + name, null, event -> control.change(key.plainText(), key.text()), "chip");
                button.setText(key.text());
                Controls.tip(button, Words.say("kin." + name, key.text()));
                near.getChildren().add(button);
            });
        }
        return new VBox(5, FormRows.field(control.id(), ((MoveToKey) control.step()).to().text(), text -> {
            Key key = Key.parse(text);
            control.change(key.plainText(), key.text());
        }), near);
    }

    static Node from(SettingControl<?> control) {
        TextField field = FormRows.field(control.id(), ((MoveToKey) control.step()).from().map(Key::text).orElse(""), text -> {
            if (text.isBlank()) {
                control.change("song", Words.say("form.songKey"));
            } else {
                Key key = Key.parse(text);
                control.change(key.plainText(), key.text());
            }
        });
        field.setPromptText(Words.say("form.fromSong", own(control).text()));
        return field;
    }
}
