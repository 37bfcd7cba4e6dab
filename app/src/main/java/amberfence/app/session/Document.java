package amberfence.app.session;

import amberfence.format.FileState;
import amberfence.format.project.ProjectDocument;
import amberfence.song.Song;
import java.nio.file.Path;
import java.util.Optional;

/** One song that is open, from when it was opened: what stands in its file, and the states that it went through. */
final class Document {
    private final long number;
    private final ProjectDocument opened;
    private final History history;
    private Optional<FileState> onDisk;
    /** The last song of the history of which the results are known. */
    private Song computed;

    /**
     * @param number tells the songs apart that are open in a window one after the other
     * @param onDisk what stands in the file
     * @param historyBytes how much memory the states to go back to may take
     */
    Document(long number, ProjectDocument opened, Optional<FileState> onDisk, long historyBytes) {
        this.number = number;
        this.opened = opened;
        this.onDisk = onDisk;
        this.history = new History(opened.song(), historyBytes);
        this.computed = opened.song();
    }

    Song song() {
        return history.current();
    }

    History history() {
        return history;
    }

    /** The song and its JSON as they are to be saved. */
    ProjectDocument content() {
        return opened.withSong(song());
    }

    /** What there is to be saved now. */
    WorkState state(Optional<Path> file, boolean changed) {
        return new WorkState(number, content(), file, onDisk, history.editsSinceSaved(), changed);
    }

    /** This song was saved, as it was then; returns whether it is this one. */
    boolean markSaved(WorkState saved, FileState state) {
        if (saved.number() != number) {
            return false;
        }
        history.markSaved(saved.content().song());
        onDisk = Optional.of(state);
        return true;
    }

    /** The results of a state of the history are known. */
    void computed(Song song) {
        computed = song;
    }

    /** Goes back to the last state of which the results are known; returns whether that is another one. */
    boolean returnToComputed() {
        boolean changed = history.current() != computed;
        history.returnTo(computed);
        return changed;
    }
}
