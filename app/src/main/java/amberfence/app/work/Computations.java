package amberfence.app.work;

import amberfence.app.words.Words;
import amberfence.step.StoppedException;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.Future;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * Works things out off the interface thread. What is asked for has a key: the newest request for a key wins, and whoever
 * works on an older one is told to stop. An error is told in one place, and nothing waits for it. Used on the interface
 * thread, where answers arrive.
 */
public final class Computations {
    private static final int FEW = 5_000;

    private record Request(long number, Future<?> work) {
    }

    private final Lane lane = Lane.sideBySide("working out");
    private final Map<Object, Request> newest = new HashMap<>();
    private BiConsumer<String, Throwable> trouble = (sentence, cause) -> System.getLogger("amberfence")
            .log(System.Logger.Level.ERROR, sentence, cause);
    private boolean atOnce;
    private long count;

    /** Where it is told that something could not be computed: a sentence, and what was thrown. */
    public void setTrouble(BiConsumer<String, Throwable> told) {
        trouble = told;
    }

    /** From now on everything is worked out at once: where there is no interface thread for answers to arrive on. */
    public void doAllAtOnce() {
        atOnce = true;
    }

    /** Where errors are told. */
    public BiConsumer<String, Throwable> trouble() {
        return trouble;
    }

    /**
     * Works something out, at once when it is so little that nobody notices.
     *
     * @param notes how many notes it is about
     */
    public <T> void ask(Object key, int notes, Supplier<T> work, Consumer<T> answer) {
        ask(key, notes, work, answer, this::tell);
    }

    /**
     * Works something out, at once when it is so little that nobody notices.
     *
     * @param notes how many notes it is about
     * @param failed takes what was thrown
     */
    public <T> void ask(Object key, int notes, Supplier<T> work, Consumer<T> answer, Consumer<Throwable> failed) {
        if (notes > FEW && !atOnce) {
            ask(key, work, answer, failed);
            return;
        }
        atOnce(key, work, answer, failed);
    }

    private <T> void atOnce(Object key, Supplier<T> work, Consumer<T> answer, Consumer<Throwable> failed) {
        stop(key);
        T result;
        try {
            result = work.get();
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            failed.accept(e);
            return;
        }
        answer.accept(result);
    }

    /** Works something out; what is wrong with it is told as an error of the window. */
    public <T> void ask(Object key, Supplier<T> work, Consumer<T> answer) {
        ask(key, work, answer, this::tell);
    }

    private void tell(Throwable cause) {
        trouble.accept(Words.say("session.failed"), cause);
    }

    /**
     * Works something out.
     *
     * @param work runs on another thread: it must read nothing that the interface thread changes
     * @param answer takes the outcome, unless something newer was asked for
     * @param failed takes what was thrown
     */
    public <T> void ask(Object key, Supplier<T> work, Consumer<T> answer, Consumer<Throwable> failed) {
        if (atOnce) {
            atOnce(key, work, answer, failed);
            return;
        }
        stop(key);
        long number = ++count;
        Future<?> task = lane.run(work::get, result -> ifNewest(key, number, () -> answer.accept(result)), cause -> {
            if (!(cause instanceof StoppedException)) {
                ifNewest(key, number, () -> failed.accept(cause));
            }
        });
        newest.put(key, new Request(number, task));
    }

    private void ifNewest(Object key, long number, Runnable outcome) {
        Request latest = newest.get(key);
        if (latest != null && latest.number() == number) {
            newest.remove(key);
            outcome.run();
        }
    }

    /** Nobody waits any more for what was asked for under a key. */
    public void stop(Object key) {
        Request old = newest.remove(key);
        if (old != null) {
            old.work().cancel(true);
        }
    }

    /** Whether something is being worked out under a key. */
    public boolean isWorkingOut(Object key) {
        return newest.containsKey(key);
    }
}
