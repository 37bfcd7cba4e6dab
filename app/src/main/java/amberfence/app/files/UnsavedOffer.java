package amberfence.app.files;

import amberfence.app.words.Words;
import amberfence.app.work.Lane;
import amberfence.format.UnreadableFileException;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectFile;
import amberfence.format.project.UnsavedFile;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.StoppedException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;

/** Work that windows left which are gone: it can be looked at, taken, or thrown away; until then it stays. */
public final class UnsavedOffer {
    /** A song whose steps are not worked out by then is opened without them. */
    private static final long PATIENCE = 8;
    private final SongFiles files;
    private final FileWork work;
    private final Autosave autosave;
    private final UnsavedStore store;
    private final List<UnsavedStore.Left> left;

    /** One of the songs. */
    public final class Item {
        private final UnsavedStore.Left left;

        private Item(UnsavedStore.Left left) {
            this.left = left;
        }

        public String title() {
            return left.about().title().isBlank() ? Words.say("offer.untitled") : left.about().title();
        }

        /** When it was kept, how much it holds, and where it belongs. */
        public String about() {
            String where = left.about().project().map(path -> Words.say("offer.of", path)).orElse(Words.say("offer.never"));
            return Words.say("offer.about", UnsavedStore.when(left.about().kept()), Words.count("editCount", left.about().edits()), where);
        }

        /** Reads the song to show what is in it. */
        public void look(Consumer<Song> seen) {
            read(this, document -> seen.accept(document.song()));
        }

        /** Opens the song; steps that take too long are switched off then. */
        public void take(Runnable then) {
            read(this, document -> work.read(() -> isWorkedOutSoon(document.song()), soon -> {
                then.run();
                files.openUnsaved(soon ? document : document.withSong(withoutSteps(document.song())), left, !soon);
            }, trouble -> {
                then.run();
                files.openUnsaved(document.withSong(withoutSteps(document.song())), left, true);
            }));
        }

        public void throwAway() {
            autosave.remove(left.file());
            UnsavedOffer.this.left.remove(left);
        }
    }

    private Consumer<String> trouble = sentence -> { };

    UnsavedOffer(SongFiles files, FileWork work, Autosave autosave, UnsavedStore store, List<UnsavedStore.Left> left) {
        this.files = files;
        this.work = work;
        this.autosave = autosave;
        this.store = store;
        this.left = new ArrayList<>(left);
    }

    /** Where it is told that a song cannot be read; it is set aside then. */
    public void setTrouble(Consumer<String> told) {
        trouble = told;
    }

    /** The songs about which nothing is decided yet. */
    public List<Item> items() {
        return left.stream().map(Item::new).toList();
    }

    private void read(Item item, Consumer<ProjectDocument> then) {
        Path file = item.left.file();
        work.read(() -> UnsavedStore.isOld(file) ? ProjectFile.open(file).document()
                : UnsavedFile.readSong(file), then, failure -> {
            if (failure instanceof UnreadableFileException && !Files.exists(file)) {
                left.remove(item.left);
                trouble.accept(failure.getMessage());
            } else if (failure instanceof IOException || failure instanceof OutOfMemoryError) {
                trouble.accept(SongFiles.sentence(item.title(), failure));
            } else {
                left.remove(item.left);
                trouble.accept(store.setAside(file, String.valueOf(failure.getMessage())));
            }
        });
    }

    private static boolean isWorkedOutSoon(Song song) throws InterruptedException {
        Lane trial = Lane.inOrder("trying unsaved work");
        AtomicBoolean done = new AtomicBoolean();
        trial.execute(() -> {
            try {
                SongResults.of(song).all();
                done.set(true);
            } catch (StoppedException | StackOverflowError | OutOfMemoryError e) {
                // It would not have gone well in the window either.
            }
        });
        trial.end();
        trial.isDoneWithin(PATIENCE);
        trial.stop();
        return done.get();
    }

    private static Song withoutSteps(Song song) {
        return song.withParts(song.parts().stream().map(UnsavedOffer::withoutSteps).toList());
    }

    private static Part withoutSteps(Part part) {
        return part.withTake(take -> take.withSteps(take.steps().stream().map(slot -> slot.withOn(false)).toList()));
    }
}
