package amberfence.app.sound;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.sound.Devices;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.MenuItem;

/** The MIDI keyboard that plays the keys, if one does. The one that was chosen is listened to again after the next start. */
public final class KeyboardInput {
    private static final String KEPT = "keyboard";
    private final Session session;
    private final SoundDesk desk;
    private final ReadOnlyStringWrapper name = new ReadOnlyStringWrapper("");
    private Optional<Devices.Input> input = Optional.empty();

    /** @param desk whose keys the keyboard plays */
    public KeyboardInput(Session session, SoundDesk desk) {
        this.session = session;
        this.desk = desk;
    }

    /** The name of the keyboard; empty for none. */
    public ReadOnlyStringProperty name() {
        return name.getReadOnlyProperty();
    }

    /** None, and each keyboard that there is. */
    public List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>(List.of(Controls.menuItem("input-none", Words.say("tryit.noInput"), () -> choose(""))));
        Devices.inputs().forEach(one -> items.add(Controls.menuItem("input-" + one.replaceAll("\\W+", "-"), one, () -> choose(one))));
        return items;
    }

    /** Listens to the keyboard that was chosen before this start, where it is there; where it is not, nobody need be told. */
    public void listenAgain() {
        String kept = session.preferences().text(KEPT, "");
        if (!kept.isEmpty()) {
            session.computations().ask(this, () -> Devices.inputs().contains(kept), isThere -> {
                if (isThere && input.isEmpty()) {
                    listen(kept);
                }
            }, failed -> { });
        }
    }

    private void choose(String wanted) {
        stop();
        session.preferences().keep(KEPT, wanted);
        if (!wanted.isEmpty()) {
            listen(wanted);
        }
    }

    private void listen(String wanted) {
        try {
            input = Optional.of(Devices.listen(wanted, desk.keys()::receive));
            name.set(input.get().name());
        } catch (IOException e) {
            session.say(e.getMessage());
        }
    }

    /** Listens to no keyboard any more. */
    public void stop() {
        input.ifPresent(Devices.Input::close);
        input = Optional.empty();
        name.set("");
    }
}
