package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.step.move.Fold;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.step.move.Reverse;
import amberfence.theory.Key;
import amberfence.theory.KeyKin;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

/** The settings of the steps that move pitches. */
final class MoveForms {
    private static final int MOST = 127;

    private MoveForms() {
    }

    static Node of(Move step, FormHost host) {
        return new FormRows().plus(
                FormRows.row("step.by", FormRows.choice("move-by", Move.Unit.values(), step.by(), "by",
                        chosen -> host.chosen("by", chosen, new Move(chosen, step.amount())))),
                FormRows.row("step.amount", FormRows.number("move-amount", step.amount(), -MOST, MOST,
                        amount -> host.set("amount", amount, new Move(step.by(), amount)))));
    }

    static Node of(MoveToKey step, FormHost host) {
        Key own = host.session().results().get().fence().keyAt(host.tick());
        Key from = step.from().orElse(own);
        FlowPane kin = new FlowPane(5, 5);
        for (KeyKin choice : KeyKin.values()) {
            choice.of(from).ifPresent(to -> {
                Button button = Controls.button("form-kin-" + choice.name().toLowerCase(Locale.ROOT), null,
                        event -> host.set("toKey", to.text(), new MoveToKey(step.from(), to, step.way())), "chip");
                button.setText(to.text());
                Controls.tip(button, Words.say("kin." + choice.name().toLowerCase(Locale.ROOT), to.text()));
                kin.getChildren().add(button);
            });
        }
        TextField to = FormRows.field("to-key", step.to().text(), text -> {
            Key key = Key.parse(text);
            host.set("toKey", key.text(), new MoveToKey(step.from(), key, step.way()));
        });
        TextField start = FormRows.field("from-key", step.from().map(Key::text).orElse(""), text -> {
            Optional<Key> key = text.isBlank() ? Optional.empty() : Optional.of(Key.parse(text));
            host.set("fromKey", key.map(Key::text).orElse(Words.say("form.songKey")), new MoveToKey(key, step.to(), step.way()));
        });
        start.setPromptText(Words.say("form.fromSong", own.text()));
        return new FormRows().plus(FormRows.row("step.toKey", to), FormRows.row("form.kin", kin),
                FormRows.row("step.way", FormRows.choice("key-way", MoveToKey.Way.values(), step.way(), "way",
                        chosen -> host.chosen("way", chosen, new MoveToKey(step.from(), step.to(), chosen)))),
                FormRows.row("step.fromKey", start));
    }

    static Node of(Mirror step, FormHost host) {
        return new FormRows().plus(
                FormRows.row("step.axis", FormRows.pitch("mirror-axis", step.axis(), host.spelling(),
                        axis -> host.set("axis", host.spelling().pitch(axis).text(), new Mirror(axis, step.byDegrees())))),
                FormRows.toggle("mirror-degrees", "step.byDegrees", step.byDegrees(),
                        on -> host.set("byDegrees", Words.say(on ? "form.on" : "form.off"), new Mirror(step.axis(), on))));
    }

    static Node of(Reverse step, FormHost host) {
        return new FormRows().plus(FormRows.row("step.what", FormRows.choice("reverse-what", Reverse.What.values(),
                step.what(), "what", chosen -> host.chosen("what", chosen, new Reverse(chosen)))));
    }

    /** A range by its ends, or the octave around a note. */
    static Node of(Fold step, FormHost host) {
        int centre = Math.min(MOST, step.lowest() + 6);
        return new FormRows().plus(
                FormRows.row("step.around", FormRows.pitch("fold-around", centre, host.spelling(),
                        around -> host.set("around", host.spelling().pitch(around).text(), Fold.around(around)))),
                FormRows.row("step.lowest", FormRows.pitch("fold-lowest", step.lowest(), host.spelling(),
                        lowest -> host.set("lowest", host.spelling().pitch(lowest).text(), new Fold(lowest,
                                Math.max(step.highest(), Math.min(MOST, lowest + 11)))))),
                FormRows.row("step.highest", FormRows.pitch("fold-highest", step.highest(), host.spelling(),
                        highest -> host.set("highest", host.spelling().pitch(highest).text(),
                                new Fold(Math.min(step.lowest(), Math.max(0, highest - 11)), highest)))));
    }
}
