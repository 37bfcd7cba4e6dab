package amberfence.app.limits;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import javafx.application.Platform;

/** Watches the interface thread: how long it did not answer at most. */
final class Blocks implements AutoCloseable {
    private final AtomicLong longest = new AtomicLong();
    private final AtomicLong asked = new AtomicLong();
    private volatile boolean ended;
    private final Map<String, Integer> seen = new ConcurrentHashMap<>();
    private volatile Thread interfaceThread;

    Blocks() {
        Platform.runLater(() -> interfaceThread = Thread.currentThread());
        Thread thread = new Thread(this::watch, "watching the interface thread");
        thread.setDaemon(true);
        thread.start();
    }

    private void watch() {
        while (!ended) {
            long begin = System.nanoTime();
            asked.set(begin);
            Platform.runLater(() -> asked.set(0));
            while (asked.get() != 0 && !ended) {
                pause();
                long waiting = (System.nanoTime() - begin) / 1_000_000;
                if (waiting > 100 && interfaceThread != null) {
                    own(interfaceThread.getStackTrace()).ifPresent(frame -> seen.merge(frame, 1, Integer::sum));
                }
            }
            long waited = (System.nanoTime() - begin) / 1_000_000;
            longest.accumulateAndGet(waited, Math::max);
        }
    }

    private static Optional<String> own(StackTraceElement[] stack) {
        StringBuilder text = new StringBuilder();
        int found = 0;
        for (StackTraceElement element : stack) {
            if (element.getClassName().startsWith("amberfence") && !element.getClassName().contains("$$") && found++ < 4) {
                text.append(element.getClassName().replaceAll(".*\\.", "")).append('.').append(element.getMethodName())
                        .append(':').append(element.getLineNumber()).append(" < ");
            }
        }
        if (found == 0 && stack.length > 0) {
            for (StackTraceElement element : stack) {
                if (found++ < 5) {
                    text.append(element.getClassName().replaceAll(".*\\.", "")).append('.').append(element.getMethodName()).append(" < ");
                }
            }
        }
        return text.length() == 0 ? Optional.empty() : Optional.of(text.toString());
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

    /** What the interface thread was about during the blocks since this was asked last, the most frequent first. */
    String where() {
        String text = seen.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed()).limit(3)
                .map(entry -> "\n      " + entry.getValue() + " × " + entry.getKey()).collect(Collectors.joining());
        seen.clear();
        return text;
    }

    @Override
    public void close() {
        ended = true;
    }
}
