package amberfence.app.files;

import amberfence.app.work.Lane;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/**
 * Work on files off the interface thread. Songs are saved one after the other and wait for nothing else: not for a file
 * that is read, nor for one that is rendered. Outcomes arrive on the interface thread.
 */
final class FileWork {
    private static final long A_MINUTE = 60;

    /** What is done to a file. */
    interface Task<T> {
        T run() throws Exception;
    }

    private final Lane saving = Lane.inOrder("saving");
    private final Lane others = Lane.sideBySide("files");
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
    private final List<Path> writing = new ArrayList<>();
    private final List<Runnable> whenWritten = new ArrayList<>();
    private int running;
    private volatile boolean abandoned;

    /** Reads something. */
    <T> void read(Task<T> task, Consumer<T> done, Consumer<Throwable> failed) {
        begin();
        run(others, task, done, failed, () -> { });
    }

    /** Saves the song to a file. */
    <T> void save(Path file, Task<T> task, Consumer<T> done, Consumer<Throwable> failed) {
        write(saving, file, task, done, failed);
    }

    /** Writes something else to a file, which may take long. */
    <T> void export(Path file, Task<T> task, Consumer<T> done, Consumer<Throwable> failed) {
        write(others, file, task, done, failed);
    }

    private <T> void write(Lane lane, Path file, Task<T> task, Consumer<T> done, Consumer<Throwable> failed) {
        begin();
        writing.add(file);
        run(lane, task, done, failed, () -> {
            writing.remove(file);
            if (writing.isEmpty()) {
                List<Runnable> waiting = List.copyOf(whenWritten);
                whenWritten.clear();
                waiting.forEach(Runnable::run);
            }
        });
    }

    private void begin() {
        running++;
        busy.set(true);
    }

    private <T> void run(Lane lane, Task<T> task, Consumer<T> done, Consumer<Throwable> failed, Runnable afterwards) {
        lane.run(task::run, result -> arrived(() -> done.accept(result), afterwards), cause -> arrived(() -> failed.accept(cause), afterwards));
    }

    private void arrived(Runnable outcome, Runnable afterwards) {
        running--;
        busy.set(running > 0);
        try {
            outcome.run();
        } finally {
            afterwards.run();
        }
    }

    /** True while a file is being read or written. */
    ReadOnlyBooleanProperty busy() {
        return busy.getReadOnlyProperty();
    }

    /** The files that are being written now. */
    List<Path> writing() {
        return List.copyOf(writing);
    }

    /** Runs something once nothing is being written any more. */
    void whenWritten(Runnable then) {
        if (writing.isEmpty()) {
            then.run();
        } else {
            whenWritten.add(then);
        }
    }

    /** Gives up what is exported; what is being saved goes on. */
    void abandonExports() {
        abandoned = true;
    }

    boolean isAbandoned() {
        return abandoned;
    }

    /** Waits until all that is to be saved is saved. */
    void close() {
        saving.end();
        others.end();
        while (!saving.isDoneWithin(A_MINUTE) && !Thread.currentThread().isInterrupted()) {
            System.getLogger("amberfence").log(System.Logger.Level.INFO, "still saving");
        }
        others.isDoneWithin(2);
    }
}
