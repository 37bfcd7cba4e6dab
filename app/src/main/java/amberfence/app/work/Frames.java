package amberfence.app.work;

import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.beans.value.ObservableValue;
import javafx.util.Subscription;

/**
 * Brings views up to date, each once before the next frame however much changed. When that takes longer than a frame has
 * time for, the rest follows with the next ones, so that a view that is slow to fill does not keep the window waiting.
 */
public final class Frames {
    /** How long views may be filled before a frame is drawn; styling and layout of what was filled come on top. */
    private static final long ENOUGH = TimeUnit.MILLISECONDS.toNanos(8);

    private final Set<Runnable> waiting = new LinkedHashSet<>();
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            fill();
        }
    };

    /**
     * Has a view brought up to date whenever one of some values changes.
     *
     * @param update reads the values as they are by then
     */
    public Subscription follow(Runnable update, ObservableValue<?>... values) {
        Subscription all = () -> waiting.remove(update);
        for (ObservableValue<?> value : values) {
            all = all.and(value.subscribe((old, now) -> soon(update)));
        }
        return all;
    }

    /** Has a view brought up to date before the next frame. Called again with the same object, it is done once. */
    public void soon(Runnable update) {
        waiting.add(update);
        timer.start();
    }

    /** Whether a view is yet to be brought up to date. */
    public boolean isWaiting() {
        return !waiting.isEmpty();
    }

    private void fill() {
        long begin = System.nanoTime();
        while (!waiting.isEmpty() && System.nanoTime() - begin < ENOUGH) {
            Iterator<Runnable> first = waiting.iterator();
            Runnable update = first.next();
            first.remove();
            update.run();
        }
        if (waiting.isEmpty()) {
            timer.stop();
        }
    }
}
