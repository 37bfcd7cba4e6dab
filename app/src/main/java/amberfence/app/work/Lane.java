package amberfence.app.work;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;

/**
 * Work of one kind beside the interface thread: one thing after the other on a thread of its own, or side by side on as many
 * as it takes. What is on one lane waits for nothing on another. Its threads do not keep the application from ending.
 */
public final class Lane {
    private final ExecutorService threads;

    private Lane(ExecutorService threads) {
        this.threads = threads;
    }

    /** One thing after the other. */
    public static Lane inOrder(String name) {
        return new Lane(Executors.newSingleThreadScheduledExecutor(named(name)));
    }

    /** All at once. */
    public static Lane sideBySide(String name) {
        return new Lane(Executors.newCachedThreadPool(named(name)));
    }

    private static ThreadFactory named(String name) {
        return task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        };
    }

    /**
     * Does something, and brings the outcome to the interface thread.
     *
     * @param failed takes whatever was thrown, also what is no exception: somebody waits
     */
    public <T> Future<?> run(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        return threads.submit(() -> {
            Runnable outcome;
            try {
                T result = work.call();
                outcome = () -> done.accept(result);
            } catch (Throwable e) {
                outcome = () -> failed.accept(e);
            }
            Platform.runLater(outcome);
        });
    }

    /** Does something that tells nobody. */
    public void execute(Runnable work) {
        threads.execute(work);
    }

    /** Does something in a while; on a lane in order only. */
    public void later(Runnable work, long millis) {
        ((ScheduledExecutorService) threads).schedule(work, millis, TimeUnit.MILLISECONDS);
    }

    /** Begins something for which {@link #await} waits. */
    public <T> Future<T> begin(Callable<T> work) {
        return threads.submit(work);
    }

    /**
     * Waits for what was begun.
     *
     * @throws IllegalStateException carries what was thrown there
     */
    public static <T> T await(Future<T> begun) {
        try {
            return begun.get();
        } catch (InterruptedException | CancellationException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("nobody waits any more", e);
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
    }

    /** Takes nothing new; what was asked for is done. */
    public void end() {
        threads.shutdown();
    }

    /** Waits until all is done after {@link #end}, at most so long; whether it is. */
    public boolean isDoneWithin(long seconds) {
        try {
            return threads.awaitTermination(seconds, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return threads.isTerminated();
        }
    }

    /** Whether nothing new is taken. */
    public boolean hasEnded() {
        return threads.isShutdown();
    }

    /** Interrupts what is being done. */
    public void stop() {
        threads.shutdownNow();
    }
}
