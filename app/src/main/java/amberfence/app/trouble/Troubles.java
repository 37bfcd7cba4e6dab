package amberfence.app.trouble;

import amberfence.app.words.Words;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;
import javafx.application.Platform;

/**
 * Takes every error on every thread: the work is kept first, then it is written with its trace into a log file in the
 * application's folder, then one sentence is shown.
 */
public final class Troubles {
    private static final int LOG_BYTES = 1_000_000;
    private static final int LOG_FILES = 2;
    private final Path folder;
    private final Runnable keepWork;
    private final Consumer<String> tell;
    private Logger log;

    /**
     * @param folder for the log files
     * @param keepWork keeps what is not saved; called on the interface thread
     * @param tell shows a sentence; called on the interface thread
     */
    public Troubles(Path folder, Runnable keepWork, Consumer<String> tell) {
        this.folder = folder;
        this.keepWork = keepWork;
        this.tell = tell;
    }

    /** An error that nobody caught. */
    public void uncaught(Thread thread, Throwable cause) {
        report(Words.say("trouble.unforeseen", what(cause)), cause);
    }

    /** An error that somebody caught who knows what it means for the person. */
    public void report(String sentence, Throwable cause) {
        write(sentence, cause);
        if (Platform.isFxApplicationThread()) {
            show(sentence);
        } else {
            Platform.runLater(() -> show(sentence));
        }
    }

    private void show(String sentence) {
        try {
            keepWork.run();
        } catch (RuntimeException e) {
            write("the work could not be kept", e);
        }
        tell.accept(sentence + " " + Words.say("trouble.log", folder));
    }

    /** What happened, in words that need no programmer. */
    private static String what(Throwable cause) {
        if (cause instanceof OutOfMemoryError) {
            return Words.say("trouble.memory");
        }
        return Words.say(cause instanceof StackOverflowError ? "trouble.deep" : "trouble.inside");
    }

    private synchronized void write(String sentence, Throwable cause) {
        try {
            if (log == null) {
                Files.createDirectories(folder);
                FileHandler file = new FileHandler(folder.resolve("amber-fence-%u-%g.log").toString(), LOG_BYTES, LOG_FILES, true);
                file.setFormatter(new SimpleFormatter());
                log = Logger.getAnonymousLogger();
                log.setUseParentHandlers(false);
                log.addHandler(file);
            }
            log.log(Level.SEVERE, sentence, cause);
        } catch (IOException | RuntimeException e) {
            System.getLogger("amberfence").log(System.Logger.Level.ERROR, sentence, cause);
        }
    }

    /** Lets go of the log file. */
    public synchronized void close() {
        if (log != null) {
            for (var handler : log.getHandlers()) {
                handler.close();
            }
            log = null;
        }
    }
}
