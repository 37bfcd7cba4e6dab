package amberfence.app.sound;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.app.work.Lane;
import amberfence.sound.SilentOutput;
import amberfence.sound.SoundOutput;
import amberfence.sound.Sounding;
import amberfence.sound.SoundsException;
import amberfence.sound.SynthesizerOutput;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * What is played on. It is opened when something is to be heard for the first time, off the interface thread; where there is
 * nothing to open, all runs silently and says so once.
 */
final class Outlet {
    private final Session session;
    private final Sounding sounding;
    private final Runnable begin;
    private OutputOpener usual;
    private final Lane lane = Lane.inOrder("sound output");
    /** What waits for the first output. */
    private final List<Runnable> waiting = new ArrayList<>();
    private boolean isOpen;
    /** Finds sounds that are installed, as long as nobody chose any. */
    private volatile Supplier<Optional<Path>> sounds = Optional::empty;

    /**
     * @param usual opens the output to begin with
     * @param begin runs once, before anything is heard
     */
    Outlet(Session session, OutputOpener usual, Runnable begin) {
        this.session = session;
        this.usual = usual;
        this.begin = begin;
        this.sounding = new Sounding(new SilentOutput(), SilentOutput::new, this::tell);
    }

    Sounding sounding() {
        return sounding;
    }

    /** The file whose sounds are played with: the one that was chosen, or one that is installed. Looks at the disk. */
    Optional<Path> sounds() {
        return sounds.get();
    }

    /** To begin with, plays with sounds that are found on the machine; with its own where there are none, or they are damaged. */
    void playWithInstalled(Supplier<Optional<Path>> installed) {
        sounds = installed;
        usual = () -> {
            try {
                return SynthesizerOutput.open(installed.get());
            } catch (SoundsException e) {
                sounds = Optional::empty;
                tell(e.getMessage());
                return SynthesizerOutput.open(Optional.empty());
            }
        };
    }

    private void tell(String trouble) {
        Platform.runLater(() -> session.say(trouble));
    }

    /** Runs something when the output is open; it is opened with the first that asks. */
    void whenOpen(Runnable action) {
        if (isOpen) {
            action.run();
            return;
        }
        waiting.add(action);
        if (waiting.size() == 1) {
            begin.run();
            open(usual, trouble -> tell(Words.say("sound.none", trouble)), this::opened);
        }
    }

    private void opened() {
        isOpen = true;
        List<Runnable> actions = List.copyOf(waiting);
        waiting.clear();
        actions.forEach(Runnable::run);
    }

    private void open(OutputOpener opener, Consumer<String> cannot, Runnable then) {
        lane.run(() -> {
            sounding.replace(opener.open());
            return true;
        }, done -> then.run(), cause -> {
            cannot.accept(String.valueOf(cause.getMessage()));
            if (!isOpen) {
                then.run();
            }
        });
    }

    /**
     * Goes on with another output; what cannot be opened is told, and nothing changes.
     *
     * @param then runs when it is open
     */
    void choose(OutputOpener opener, Runnable then) {
        usual = opener;
        if (isOpen) {
            open(opener, this::tell, then);
        } else {
            whenOpen(then);
        }
    }

    /** Goes on with the built-in synthesizer, with the sounds of a file or its own. */
    void chooseSounds(Optional<Path> file, Runnable then) {
        choose(() -> {
            SoundOutput opening = SynthesizerOutput.open(file);
            sounds = () -> file;
            return opening;
        }, then);
    }
}
