package amberfence.app.session;

import amberfence.app.work.Computations;
import amberfence.app.words.Words;
import amberfence.song.Song;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.function.BiConsumer;
import java.util.function.Supplier;

/**
 * Edits that can take long are worked out off the interface thread, one after another in the order in which they were
 * asked for. One that ends when the song is no longer the one it began with is worked out anew, so none overwrites another.
 */
final class LongEdits {
    private static final String KEY = "long edits";

    private final Deque<LongEdit<?>> waiting = new ArrayDeque<>();
    private final Computations computations;
    private final Supplier<Song> song;
    private final BiConsumer<String, Song> edit;
    private final Runnable changed;
    private boolean running;

    /**
     * @param song the song as it is
     * @param edit takes the name of an edit and the song it leads to
     * @param changed told whenever {@link #isWaiting} may have changed
     */
    LongEdits(Computations computations, Supplier<Song> song, BiConsumer<String, Song> edit, Runnable changed) {
        this.computations = computations;
        this.song = song;
        this.edit = edit;
        this.changed = changed;
    }

    void add(LongEdit<?> asked) {
        waiting.add(asked);
        next();
        changed.run();
    }

    private void next() {
        if (!running && !waiting.isEmpty()) {
            running = true;
            begin(waiting.peek());
        }
    }

    private <D> void begin(LongEdit<D> first) {
        Song base = song.get();
        computations.ask(KEY, first.size().applyAsInt(base), () -> first.work().apply(base), done -> {
            running = false;
            if (song.get() == base) {
                waiting.poll();
                edit.accept(first.name(), first.song().apply(done));
                first.then().accept(done);
            }
            next();
            changed.run();
        }, cause -> {
            running = false;
            waiting.poll();
            computations.trouble().accept(Words.say("session.failed"), cause);
            next();
            changed.run();
        });
    }

    /** Whether an edit is still being worked out. */
    boolean isWaiting() {
        return !waiting.isEmpty();
    }

    /** Nothing that waits is done any more. */
    void stop() {
        computations.stop(KEY);
        waiting.clear();
        running = false;
        changed.run();
    }
}
