package amberfence.app.files;

import amberfence.app.work.Lane;
import amberfence.app.session.Session;
import amberfence.app.session.WorkState;
import amberfence.format.FileTrouble;
import amberfence.format.project.UnsavedFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;

/**
 * Keeps unsaved work beside the application, so that it survives a crash: never older than the delay and the time that it
 * takes to write it, however fast somebody edits, and on a thread of its own, which nothing else can hold up.
 */
final class Autosave {
    private static final long A_MINUTE = 60;
    private final Session session;
    private final UnsavedStore store;
    private final long delayMillis;
    private final Consumer<String> trouble;
    private final Lane thread = Lane.inOrder("unsaved work");
    /** What is to be written next; all below is guarded by this object. */
    private WorkState waiting;
    private boolean scheduled;
    /** Songs about which was decided; what is still under way for them is not written any more. */
    private final Set<Long> decided = new HashSet<>();
    private boolean failing;

    /**
     * @param delayMillis how long after an edit the work is written
     * @param trouble told when the work cannot be kept, and once it can be kept again
     */
    Autosave(Session session, UnsavedStore store, long delayMillis, Consumer<String> trouble) {
        this.session = session;
        this.store = store;
        this.delayMillis = delayMillis;
        this.trouble = trouble;
        session.revision().addListener((property, old, now) -> edited());
    }

    private void edited() {
        WorkState state = session.state();
        if (!state.changed()) {
            return;
        }
        synchronized (this) {
            waiting = state;
            if (!scheduled && !thread.hasEnded()) {
                scheduled = true;
                thread.later(this::write, delayMillis);
            }
        }
    }

    private void write() {
        WorkState state;
        synchronized (this) {
            state = waiting;
            waiting = null;
            scheduled = false;
            if (state == null || decided.contains(state.number())) {
                return;
            }
        }
        try {
            UnsavedFile about = new UnsavedFile(state.content().song().title(), state.file().map(Path::toAbsolutePath), state.onDisk(),
                    Instant.now(), state.edits());
            byte[] content = about.write(state.content());
            synchronized (this) {
                if (decided.contains(state.number())) {
                    return;
                }
                store.write(state.number(), content);
            }
            tell(false, "");
        } catch (IOException e) {
            tell(true, FileTrouble.reason(e));
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            System.getLogger("amberfence").log(System.Logger.Level.ERROR, "unsaved work could not be kept", e);
            tell(true, "it could not be put into a file");
        }
    }

    private void tell(boolean fails, String reason) {
        if (fails) {
            tryAgain();
        }
        if (fails != failing) {
            failing = fails;
            Platform.runLater(() -> trouble.accept(fails ? reason : ""));
        }
    }

    /** Nobody may edit any more for a while; it is tried again all the same. */
    private synchronized void tryAgain() {
        if (!thread.hasEnded()) {
            thread.later(() -> Platform.runLater(this::edited), 2 * delayMillis);
        }
    }

    /** Keeps the work as it is now, at once, and waits until it is kept. */
    void writeNow() {
        WorkState state = session.state();
        if (state.changed()) {
            synchronized (this) {
                waiting = state;
            }
            Lane.await(thread.begin(() -> {
                write();
                return true;
            }));
        }
    }

    /** Keeps the work as it is now, soon; for when something went wrong and nothing may be waited for. */
    void writeSoon() {
        WorkState state = session.state();
        synchronized (this) {
            if (state.changed() && !thread.hasEnded()) {
                waiting = state;
                thread.execute(this::write);
            }
        }
    }

    /**
     * A song is saved as it is, or let go: its unsaved work is not needed any more.
     *
     * @param forGood whether the song is not open any more
     */
    void decided(long number, boolean forGood) {
        synchronized (this) {
            if (forGood) {
                decided.add(number);
            }
            if (waiting != null && waiting.number() == number) {
                waiting = null;
            }
        }
        remove(store.file(number));
    }

    /** The open song was taken from this file: once it is written anew, nothing of the old file is needed any more. */
    void adopted(Path from) {
        Path own = store.file(session.state().number());
        writeSoon();
        thread.execute(() -> {
            if (Files.exists(own)) {
                remove(from);
            }
        });
    }

    /** Takes a file away about which was decided. */
    void remove(Path file) {
        Runnable removing = () -> {
            try {
                store.remove(file);
            } catch (IOException e) {
                System.getLogger("amberfence").log(System.Logger.Level.WARNING, "unsaved work not removed", e);
            }
        };
        // A save may end only after this has: nothing is written any more then that the removal could come before.
        if (thread.hasEnded()) {
            thread.isDoneWithin(A_MINUTE);
            removing.run();
        } else {
            thread.execute(removing);
        }
    }

    /** Ends, once all that was asked for is done. */
    void close() {
        thread.end();
        thread.isDoneWithin(A_MINUTE);
        store.close();
    }
}
