package amberfence.app.files;

import java.nio.file.Path;

/** What the work on files asks and tells the person; the window answers. */
public interface FilesHost {
    /** Shows a sentence about what went wrong; nothing takes it away again. */
    void trouble(String sentence);

    /** Something went wrong that nobody foresaw. */
    void failed(String sentence, Throwable cause);

    /** Shows what a MIDI file holds, before it is taken in. */
    void found(SongFiles.Found found);

    /** Asks what is to become of unsaved work, then goes on or does not. */
    void beforeReplacing(Runnable then);

    /**
     * Somebody else has written to the project's file.
     *
     * @param writeOver saves all the same
     * @param elsewhere lets another file be chosen
     */
    void changedOnDisk(Path file, Runnable writeOver, Runnable elsewhere);

    /**
     * Offers work that was not saved.
     *
     * @param then runs once it is decided, or put off
     */
    void offer(UnsavedOffer offer, Runnable then);
}
