package amberfence.app.limits;

import java.lang.management.GarbageCollectorMXBean;
import java.lang.management.ManagementFactory;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import javafx.application.Platform;

/**
 * Watches the interface thread: how long one thing kept it at most. Many things that wait for it one behind the other are not
 * a block, if whoever asks for them says with {@link #mark} where one ends. Time in which the machine gave the whole process no
 * processor is told apart: a thread that only sleeps wakes late then, though no memory was tidied.
 */
final class Blocks implements AutoCloseable {
    /** A thread that sleeps two milliseconds and wakes after so many nanoseconds got no processor. */
    private static final long LATE = 50_000_000;
    private final AtomicLong longest = new AtomicLong();
    private final AtomicLong asked = new AtomicLong();
    private volatile long marked;
    /** For how long since the last mark nothing in the process went on, in nanoseconds, and in the longest block. */
    private volatile long stalled;
    private volatile long worstStalled;
    /** The longest that it took to be told where the interface thread is, since the last mark and in the longest block: nothing runs meanwhile. */
    private volatile long slowest;
    private volatile long worstSlowest;
    private volatile boolean ended;
    /** What the interface thread was about since the last mark, and in the longest block. */
    private final Map<String, Integer> seen = new ConcurrentHashMap<>();
    private volatile Map<String, Integer> worst = Map.of();
    private volatile Thread interfaceThread;

    Blocks() {
        Platform.runLater(() -> interfaceThread = Thread.currentThread());
        Thread thread = new Thread(this::watch, "watching the interface thread");
        thread.setDaemon(true);
        thread.start();
    }

    private void watch() {
        while (!ended) {
            asked.set(System.nanoTime());
            Platform.runLater(() -> {
                mark();
                asked.set(0);
            });
            while (asked.get() != 0 && !ended) {
                long before = System.nanoTime();
                long tidied = collecting();
                pause();
                long late = System.nanoTime() - before - (collecting() - tidied) * 1_000_000;
                if (late > LATE) {
                    stalled += late;
                }
                if ((System.nanoTime() - since()) / 1_000_000 > 100 && interfaceThread != null) {
                    long asking = System.nanoTime();
                    own(interfaceThread.getStackTrace()).ifPresent(frame -> seen.merge(frame, 1, Integer::sum));
                    slowest = Math.max(slowest, System.nanoTime() - asking);
                }
            }
        }
    }

    /** When what the interface thread is doing now began, as far as is known. */
    private long since() {
        return Math.max(asked.get(), marked);
    }

    /** Called on the interface thread: one thing has ended, the next begins. */
    void mark() {
        if (asked.get() != 0) {
            long block = Math.max(0, (System.nanoTime() - since() - stalled) / 1_000_000);
            if (block > longest.getAndAccumulate(block, Math::max)) {
                worst = Map.copyOf(seen);
                worstStalled = stalled;
                worstSlowest = slowest;
            }
        }
        seen.clear();
        stalled = 0;
        slowest = 0;
        marked = System.nanoTime();
    }

    private static Optional<String> own(StackTraceElement[] stack) {
        StringBuilder text = new StringBuilder();
        int found = 0;
        for (StackTraceElement element : stack) {
            if (element.getClassName().startsWith("amberfence") && !element.getClassName().contains("$$") && found++ < 12) {
                text.append(element.getClassName().replaceAll(".*\\.", "")).append('.').append(element.getMethodName())
                        .append(':').append(element.getLineNumber()).append(" < ");
            }
        }
        if (found == 0 && stack.length > 0) {
            for (StackTraceElement element : stack) {
                if (found++ < 14) {
                    text.append(element.getClassName().replaceAll(".*\\.", "")).append('.').append(element.getMethodName()).append(" < ");
                }
            }
        }
        return text.length() == 0 ? Optional.empty() : Optional.of(text.toString());
    }

    /** How long memory has been tidied so far, in milliseconds. */
    static long collecting() {
        return ManagementFactory.getGarbageCollectorMXBeans().stream().mapToLong(GarbageCollectorMXBean::getCollectionTime).sum();
    }

    private static void pause() {
        try {
            Thread.sleep(2);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** The longest block so far in milliseconds; the next one counts from 0. */
    long take() {
        return longest.getAndSet(0);
    }

    /** What the interface thread was about during the longest block, the most frequent first. */
    String where() {
        return worst.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed()).limit(4)
                .map(entry -> "\n      " + entry.getValue() + " × " + entry.getKey()).collect(Collectors.joining())
                + "\n      the machine stood still for " + worstStalled / 1_000_000 + " ms more; to be told where it is took up to "
                + worstSlowest / 1_000_000 + " ms";
    }

    @Override
    public void close() {
        ended = true;
    }
}
