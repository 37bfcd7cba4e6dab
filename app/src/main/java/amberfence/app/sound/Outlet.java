package amberfence.app.sound;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.app.work.Lane;
import amberfence.sound.SilentOutput;
import amberfence.sound.SoundOutput;
import amberfence.sound.Sounding;
import amberfence.sound.SoundsException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.application.Platform;

/**
 * What is played on. It is opened when something is to be heard for the first time, off the interface thread; where there is
 * nothing to open, all runs silently and says so once. What a person chooses is kept once it could be opened.
 */
final class Outlet {
    private final Session session;
    private final Sounding sounding;
    private final Runnable begin;
    private final OutputOpener opener;
    private final Lane lane = Lane.inOrder("sound output");
    /** What waits for the first output. */
    private final List<Runnable> waiting = new ArrayList<>();
    private boolean isOpen;

    /** @param begin runs once, before anything is heard */
    Outlet(Session session, OutputOpener opener, Runnable begin) {
        this.session = session;
        this.opener = opener;
        this.begin = begin;
        this.sounding = new Sounding(new SilentOutput(), SilentOutput::new, this::tell);
    }

    Sounding sounding() {
        return sounding;
    }

    /** What was chosen. */
    PlayedOn chosen() {
        return PlayedOn.kept(session.preferences());
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
            PlayedOn kept = chosen();
            open(() -> keptOrUsual(kept), trouble -> tell(Words.say("sound.none", trouble.getMessage())), this::opened);
        }
    }

    /** What was kept may be gone: a device that is not plugged in today, a file that was moved. */
    private SoundOutput keptOrUsual(PlayedOn kept) throws IOException {
        try {
            return opener.open(kept, this::tell);
        } catch (IOException e) {
            if (kept.equals(PlayedOn.USUAL)) {
                throw e;
            }
            tell(e.getMessage());
            return opener.open(PlayedOn.USUAL, this::tell);
        }
    }

    private void opened() {
        isOpen = true;
        List<Runnable> actions = List.copyOf(waiting);
        waiting.clear();
        actions.forEach(Runnable::run);
    }

    private void open(Callable<SoundOutput> opening, Consumer<Throwable> cannot, Runnable then) {
        lane.run(() -> {
            sounding.replace(opening.call());
            return true;
        }, done -> then.run(), cause -> {
            cannot.accept(cause);
            if (!isOpen) {
                then.run();
            }
        });
    }

    /**
     * Goes on with another output; what cannot be opened is told, and nothing changes. Sounds hold without a sound card too, for
     * files are written with them.
     *
     * @param then runs when it is open
     */
    void choose(PlayedOn wanted, Runnable then) {
        whenOpen(() -> open(() -> opener.open(wanted, this::tell), trouble -> {
            tell(String.valueOf(trouble.getMessage()));
            if (wanted.device().isEmpty() && !(trouble instanceof SoundsException)) {
                wanted.keep(session.preferences());
            }
        }, () -> {
            wanted.keep(session.preferences());
            then.run();
        }));
    }
}
