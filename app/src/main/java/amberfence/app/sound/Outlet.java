package amberfence.app.sound;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.sound.SilentOutput;
import amberfence.sound.SoundOutput;
import amberfence.sound.Sounding;
import amberfence.sound.SynthesizerOutput;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
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
    private CompletableFuture<Void> opened;
    private volatile Optional<Path> sounds = Optional.empty();

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

    /** The file whose sounds are played with, if one was chosen. */
    Optional<Path> sounds() {
        return sounds;
    }

    private void tell(String trouble) {
        Platform.runLater(() -> session.message().set(trouble));
    }

    /** Runs something when the output is open; it is opened with the first that asks. */
    void whenOpen(Runnable action) {
        if (opened == null) {
            begin.run();
            opened = CompletableFuture.runAsync(() -> {
                try {
                    sounding.replace(usual.open());
                } catch (IOException e) {
                    tell(Words.say("sound.none", e.getMessage()));
                }
            });
        }
        if (opened.isDone()) {
            action.run();
        } else {
            opened.thenRun(() -> Platform.runLater(action));
        }
    }

    /**
     * Goes on with another output; what cannot be opened is told, and nothing changes.
     *
     * @param then runs when it is open
     */
    void choose(OutputOpener opener, Runnable then) {
        usual = opener;
        if (opened == null) {
            whenOpen(then);
            return;
        }
        CompletableFuture.runAsync(() -> {
            try {
                sounding.replace(opener.open());
                Platform.runLater(then);
            } catch (IOException e) {
                tell(e.getMessage());
            }
        });
    }

    /** Goes on with the built-in synthesizer, with the sounds of a file or its own. */
    void chooseSounds(Optional<Path> file, Runnable then) {
        choose(() -> {
            SoundOutput opening = SynthesizerOutput.open(file);
            sounds = file;
            return opening;
        }, then);
    }
}
