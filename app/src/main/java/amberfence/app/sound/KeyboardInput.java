package amberfence.app.sound;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.sound.Devices;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.MenuItem;

/** The MIDI keyboard that plays the keys, if one does. */
public final class KeyboardInput {
    private final SoundDesk desk;
    private final Consumer<String> tell;
    private final ReadOnlyStringWrapper name = new ReadOnlyStringWrapper("");
    private Optional<Devices.Input> input = Optional.empty();

    /** @param tell says why a keyboard cannot be listened to */
    public KeyboardInput(SoundDesk desk, Consumer<String> tell) {
        this.desk = desk;
        this.tell = tell;
    }

    /** The name of the keyboard; empty for none. */
    public ReadOnlyStringProperty name() {
        return name.getReadOnlyProperty();
    }

    /** None, and each keyboard that there is. */
    public List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>(List.of(Controls.menuItem("input-none", Words.say("tryit.noInput"), this::stop)));
        Devices.inputs().forEach(one -> items.add(Controls.menuItem("input-" + one.replaceAll("\\W+", "-"), one, () -> listen(one))));
        return items;
    }

    private void listen(String wanted) {
        stop();
        try {
            input = Optional.of(Devices.listen(wanted, desk.keys()::receive));
            name.set(input.get().name());
        } catch (IOException e) {
            tell.accept(e.getMessage());
        }
    }

    /** Listens to no keyboard any more. */
    public void stop() {
        input.ifPresent(Devices.Input::close);
        input = Optional.empty();
        name.set("");
    }
}
