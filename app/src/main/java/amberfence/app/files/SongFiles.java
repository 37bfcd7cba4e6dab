package amberfence.app.files;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiImport;
import amberfence.format.midi.MidiReader;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.format.project.ProjectWriter;
import amberfence.format.sheet.ChangeTable;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.song.Song;
import amberfence.sound.Score;
import amberfence.sound.SoundFile;
import amberfence.step.PartResult;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.util.Duration;

/** Everything that reads or writes files for the window. Work is done elsewhere, outcomes arrive on the interface thread. */
public final class SongFiles {
    /** A MIDI file that was read, with the keys that its notes may be in, before it is taken in. */
    public record Found(Path file, MidiImport read, List<KeyCandidate> keys) {
    }

    private interface Work<T> {
        T run() throws IOException, UnreadableFileException;
    }

    private static final Duration AUTOSAVE_DELAY = Duration.seconds(2);
    private final Session session;
    private final FileChoice choice;
    private final AppFolder folder;
    private final Consumer<String> trouble;
    private final Consumer<Found> found;
    private final Consumer<Runnable> beforeReplacing;
    private final Autosave autosave;
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "files");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * @param trouble shows a sentence about what went wrong
     * @param found shows what a MIDI file holds, before it is taken in
     * @param beforeReplacing asks what is to become of unsaved work, then goes on or does not
     */
    public SongFiles(Session session, FileChoice choice, AppFolder folder, Consumer<String> trouble, Consumer<Found> found,
                     Consumer<Runnable> beforeReplacing) {
        this.session = session;
        this.choice = choice;
        this.folder = folder;
        this.trouble = trouble;
        this.found = found;
        this.beforeReplacing = beforeReplacing;
        this.autosave = new Autosave(session, folder, worker, AUTOSAVE_DELAY);
    }

    /** True while a file is being read or written. */
    public ReadOnlyBooleanProperty busy() {
        return busy.getReadOnlyProperty();
    }

    public List<Path> recent() {
        return folder.recent();
    }

    /** Lets a file be chosen and opens it. */
    public void chooseAndOpen() {
        choice.toOpen().ifPresent(this::open);
    }

    /** Opens a project, or reads a MIDI file and shows what was found. */
    public void open(Path file) {
        if (file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".amber")) {
            work(() -> ProjectReader.read(Files.readAllBytes(file), file.getFileName().toString()), document -> beforeReplacing.accept(() -> {
                session.open(document, file);
                folder.remember(file);
            }), file);
        } else {
            work(() -> {
                MidiImport read = MidiReader.read(Files.readAllBytes(file), file.getFileName().toString());
                return new Found(file, read, KeyFinder.find(read.song(), KeyFamily.MODES));
            }, result -> {
                folder.remember(file);
                found.accept(result);
            }, file);
        }
    }

    /** Takes in a song that was found. */
    public void take(Song song) {
        beforeReplacing.accept(() -> session.open(ProjectDocument.of(song), null));
    }

    public void save() {
        saveAnd(() -> { });
    }

    /** Saves, to the project's file or to one that is chosen, and then goes on. */
    public void saveAnd(Runnable then) {
        Optional<Path> file = session.file().get() != null ? Optional.of(session.file().get()) : chosenProject();
        file.ifPresent(path -> saveTo(path, then));
    }

    public void saveAs() {
        chosenProject().ifPresent(path -> saveTo(path, () -> { }));
    }

    private Optional<Path> chosenProject() {
        return choice.toSave(plainName(session.song().title()), FileChoice.Kind.PROJECT);
    }

    private void saveTo(Path file, Runnable then) {
        ProjectDocument document = session.document();
        work(() -> {
            WholeFile.write(file, ProjectWriter.write(document));
            return document.song();
        }, saved -> {
            session.markSaved(saved, file);
            session.message().set(Words.say("files.saved", file.getFileName()));
            folder.remember(file);
            then.run();
        }, file);
    }

    /**
     * Lets a target be chosen and writes a MIDI file there, with what the steps make of the parts.
     *
     * @param parts identities of the parts to write
     * @param type 0 or 1, or empty to keep the file's own
     */
    public void export(Set<Integer> parts, Optional<Integer> type) {
        Song song = session.song();
        String name = parts.size() == 1 ? song.part(parts.iterator().next()).name() : song.title();
        choice.toSave(plainName(name), FileChoice.Kind.MIDI).ifPresent(file -> work(() -> {
            WholeFile.write(file, new MidiExport(song, PartResult.lines(song), type).only(parts).toBytes());
            return file;
        }, written -> session.message().set(Words.say("files.exported", written.getFileName())), file));
    }

    /** Lets a target be chosen and writes the table of changes there. */
    public void exportChanges() {
        Song song = session.song();
        choice.toSave(plainName(song.title()), FileChoice.Kind.CHANGES).ifPresent(file -> work(() -> {
            WholeFile.write(file, ChangeTable.of(song));
            return file;
        }, written -> session.message().set(Words.say("files.exported", written.getFileName())), file));
    }

    /**
     * Lets a target be chosen and writes the progression there.
     *
     * @param write makes the text of a song's chords
     */
    public void exportChords(FileChoice.Kind kind, Function<Song, String> write) {
        Song song = session.song();
        choice.toSave(plainName(song.title()), kind).ifPresent(file -> work(() -> {
            WholeFile.write(file, write.apply(song).getBytes(StandardCharsets.UTF_8));
            return file;
        }, written -> session.message().set(Words.say("files.exported", written.getFileName())), file));
    }

    /**
     * Renders a stretch of a score into a WAV file, off the interface thread.
     *
     * @param from microseconds of the score
     * @param sounds a SoundFont 2 or DLS file to render with
     * @param progress is told the share that is done, on another thread
     * @param stopped gives the work up while it is true; no file is left then
     * @param done is told whether the file is written, on the interface thread
     */
    public void exportSound(Score score, long from, long to, Optional<Path> sounds, DoubleConsumer progress,
                            BooleanSupplier stopped, Consumer<Boolean> done) {
        Optional<Path> target = choice.toSave(plainName(session.song().title()), FileChoice.Kind.SOUND);
        if (target.isEmpty()) {
            done.accept(false);
            return;
        }
        Path file = target.get();
        work(() -> {
            Path half = file.resolveSibling(file.getFileName() + ".part");
            boolean whole;
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(half))) {
                whole = SoundFile.write(score, from, to, sounds, out, progress, stopped);
            }
            if (whole) {
                Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
            } else {
                Files.deleteIfExists(half);
            }
            return whole;
        }, whole -> {
            done.accept(whole);
            session.message().set(whole ? Words.say("files.exported", file.getFileName()) : Words.say("soundSheet.stopped"));
        }, file);
    }

    /** The file of sounds that a person chooses to play with. */
    public Optional<Path> soundsToPlayWith() {
        return choice.toPlayWith();
    }

    /** Opens what was not saved when the application ended last; false when there is nothing. */
    public boolean recover() {
        Optional<ProjectDocument> unsaved = autosave.unsaved();
        unsaved.ifPresent(document -> {
            session.openUnsaved(document);
            session.message().set(Words.say("files.recovered"));
        });
        return unsaved.isPresent();
    }

    /** The person leaves; what is not saved is kept for the next time. */
    public void leave() {
        if (session.isChanged()) {
            autosave.write();
        } else {
            autosave.forget();
        }
        worker.shutdown();
        try {
            worker.awaitTermination(5, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String plainName(String name) {
        String plain = name.replaceAll("(?i)\\.(midi?|rmi|amber)$", "").replaceAll("[\\\\/:*?\"<>|]", " ").strip();
        return plain.isEmpty() ? "song" : plain;
    }

    private <T> void work(Work<T> work, Consumer<T> done, Path file) {
        busy.set(true);
        worker.execute(() -> {
            try {
                T result = work.run();
                Platform.runLater(() -> {
                    busy.set(false);
                    done.accept(result);
                });
            } catch (UnreadableFileException e) {
                fail(e.getMessage());
            } catch (NoSuchFileException e) {
                fail(Words.say("files.missing", file));
            } catch (IOException e) {
                fail(Words.say("files.failed", file.getFileName(), e.getMessage()));
            } catch (RuntimeException e) {
                System.getLogger("amberfence").log(System.Logger.Level.ERROR, "trouble with " + file, e);
                fail(Words.say("files.failed", file.getFileName(), e));
            }
        });
    }

    private void fail(String sentence) {
        Platform.runLater(() -> {
            busy.set(false);
            trouble.accept(sentence);
        });
    }
}
