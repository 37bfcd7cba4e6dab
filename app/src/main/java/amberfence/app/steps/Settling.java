package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.HandEdits;
import amberfence.notes.Line;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;

/** Writes what the steps of the selected part come to into it, as a new take. */
public final class Settling {
    private final Session session;
    private final SimpleBooleanProperty nothing = new SimpleBooleanProperty(true);

    public Settling(Session session) {
        this.session = session;
        session.frames().follow(this::update, session.results(), session.selection().part());
        update();
    }

    private void update() {
        nothing.set(session.part().filter(part -> !session.results().get().part(part.id()).stages().isEmpty()).isEmpty());
    }

    /** The button, as wide as there is room. */
    Node button() {
        Button settle = Controls.button("settle", "changes.settle", event -> settle(), "ink");
        settle.setMaxWidth(Double.MAX_VALUE);
        Controls.tip(settle, Words.say("changes.settleTip"));
        return Controls.disabledWhen(settle, nothing, "changes.noSettle");
    }

    /** Settles the selected part; says why when there is nothing to settle. */
    public void settle() {
        if (nothing.get()) {
            session.say(Words.say("changes.noSettle"));
        } else if (session.working().get()) {
            session.say(Words.say("changes.settleLater"));
        } else {
            session.part().ifPresent(part -> {
                Line line = session.results().get().part(part.id()).line();
                HandEdits hands = new HandEdits(Words.say("parts.takeName", part.takes().size() + 1));
                session.edit(Words.say("edit.settle", part.name()), song -> hands.settle(song, part.id(), line));
                session.say(Words.say("changes.settled", part.name()));
            });
        }
    }
}
