package amberfence.format;

import amberfence.words.Texts;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Says in words what the file system complained about. */
public final class FileTrouble {
    private FileTrouble() {
    }

    /** The reason, to stand after a colon; it names no class and repeats no path. */
    public static String reason(IOException trouble) {
        if (trouble instanceof NoSuchFileException) {
            return Texts.say("it does not exist");
        } else if (trouble instanceof AccessDeniedException) {
            return Texts.say("the system does not allow it");
        } else if (trouble instanceof FileSystemException file && file.getReason() != null) {
            return lower(file.getReason());
        }
        String message = trouble.getMessage();
        return message == null || message.isBlank() ? Texts.say("the system gives no reason") : lower(message);
    }

    private static String lower(String text) {
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    /** One sentence about a file that could not be read. */
    public static String unreadable(Path file, IOException trouble) {
        return trouble instanceof NoSuchFileException ? Texts.say("%s does not exist", file) : Texts.say("%s cannot be read: %s", file, reason(trouble));
    }
}
