package amberfence.app.session;

import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Where the song is played, and which of its versions is heard and shown. Used on the interface thread only. */
public final class Transport {
    private final ReadOnlyLongWrapper playhead = new ReadOnlyLongWrapper();
    private final ReadOnlyObjectWrapper<Optional<TickRange>> loop = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper showingBefore = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Optional<HeardInstead>> heardInstead = new ReadOnlyObjectWrapper<>(Optional.empty());

    Transport() {
    }

    /** The tick at which playing is, or begins. */
    public ReadOnlyLongProperty playhead() {
        return playhead.getReadOnlyProperty();
    }

    /** The stretch in which playing goes round. */
    public ReadOnlyObjectProperty<Optional<TickRange>> loop() {
        return loop.getReadOnlyProperty();
    }

    /** True while the original is shown and heard, and not what the steps make of it. */
    public ReadOnlyBooleanProperty showingBefore() {
        return showingBefore.getReadOnlyProperty();
    }

    /** What is heard in place of a part, while two versions are compared. */
    public ReadOnlyObjectProperty<Optional<HeardInstead>> heardInstead() {
        return heardInstead.getReadOnlyProperty();
    }

    /** Goes to a tick; before the song's beginning lies nothing, so a tick below 0 is the beginning. */
    public void moveTo(long tick) {
        playhead.set(Math.max(0, tick));
    }

    /** Goes round in a stretch from now on, or in none. */
    public void goRound(Optional<TickRange> stretch) {
        loop.set(stretch);
    }

    public void showBefore(boolean before) {
        showingBefore.set(before);
    }

    /** Lets a line be heard in place of a part, or nothing in place of any. */
    public void hear(Optional<HeardInstead> instead) {
        heardInstead.set(instead);
    }

    /** Back to the beginning: another song is coming. */
    void clear() {
        playhead.set(0);
        loop.set(Optional.empty());
        showingBefore.set(false);
        heardInstead.set(Optional.empty());
    }
}
