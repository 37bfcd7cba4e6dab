package amberfence.app.files;

import amberfence.analysis.SongKeys;
import amberfence.app.session.Session;
import amberfence.app.session.WorkState;
import amberfence.app.words.Words;
import amberfence.format.FileState;
import amberfence.format.FileTrouble;
import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.RecipeFile;
import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.format.WritableFormat;
import amberfence.format.WrittenSong;
import amberfence.format.catalogue.Formats;
import amberfence.format.project.ChangedOnDiskException;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectFile;
import amberfence.format.project.ProjectFormat;
import amberfence.format.project.SavedVersions;
import amberfence.format.sheet.ChartFormat;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.sound.Score;
import amberfence.sound.SoundFile;
import amberfence.sound.Sounds;
import amberfence.step.recipe.Recipe;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyBooleanProperty;

/** Everything that reads or writes files for the window. Work is done elsewhere, outcomes arrive on the interface thread. */
public final class SongFiles {
    /** A MIDI file that was read, with the keys that its notes may be in, before it is taken in. */
    public record Found(Path file, ReadSong read, List<KeyCandidate> keys, Optional<SongKeys.Along> along) {
    }

    private static final long AUTOSAVE_MILLIS = 2000;
    private final Session session;
    private final FileChoice choice;
    private final AppFolder folder;
    private final FilesHost host;
    private final FileWork work = new FileWork();
    private final UnsavedStore unsaved;
    private final Autosave autosave;
    private boolean hasLeft;

    /** @param host asks and tells the person */
    public SongFiles(Session session, FileChoice choice, AppFolder folder, FilesHost host) {
        this.session = session;
        this.choice = choice;
        this.folder = folder;
        this.host = host;
        this.unsaved = new UnsavedStore(folder);
        this.autosave = new Autosave(session, unsaved, AUTOSAVE_MILLIS, reason -> host.trouble(
                reason.isEmpty() ? "" : Words.say("files.notKept", reason)));
    }

    /** True while a file is being read or written. */
    public ReadOnlyBooleanProperty busy() {
        return work.busy();
    }

    /** The files that are being written now. */
    public List<Path> writing() {
        return work.writing();
    }

    public List<Path> recent() {
        return folder.recent();
    }

    /** Lets a file be chosen and opens it. */
    public void chooseAndOpen() {
        choice.toOpen().ifPresent(this::open);
    }

    /** Takes a recipe that was dragged in into a collection, and says so. */
    public void keep(RecipeCollection recipes, Path dropped) {
        try {
            keep(recipes, RecipeFile.read(dropped));
        } catch (UnreadableFileException e) {
            session.say(e.getMessage());
        }
    }

    /** Keeps a recipe in a collection, and says so. */
    public void keep(RecipeCollection recipes, Recipe recipe) {
        work.export(recipes.file(recipe), () -> {
            recipes.keep(recipe);
            return recipe.name();
        }, name -> session.say(Words.say("recipe.kept", name)), cause -> session.say(sentence(recipes.file(recipe), cause)));
    }

    /** Opens a project, or reads a file of another kind and shows what was found. */
    public void open(Path file) {
        if (Formats.of(file) instanceof ProjectFormat) {
            work.read(() -> ProjectFile.open(file), opened -> replace(() -> {
                session.open(opened.document(), file, Optional.of(opened.state()));
                remember(file);
            }), failed(file));
        } else {
            work.read(() -> {
                ReadSong read = Formats.read(file);
                List<KeyCandidate> keys = SongKeys.find(read.song(), KeyFamily.MODES);
                return new Found(file, read, keys, SongKeys.along(read.song(), KeyFamily.MODES, keys));
            }, result -> {
                remember(file);
                host.found(result);
            }, failed(file));
        }
    }

    /** Lets a file with a chart be chosen, and gives its bars as text. */
    public void chart(Consumer<String> then) {
        choice.toOpenChart().ifPresent(file -> work.read(() -> {
            ChartFormat format = Formats.of(file) instanceof ChartFormat chart ? chart : ChartFormat.TEXT;
            return format.bars(file, String.valueOf(file.getFileName()));
        }, then, failed(file)));
    }

    private void remember(Path file) {
        work.read(() -> {
            folder.remember(file);
            return file;
        }, done -> { }, trouble -> { });
    }

    /** Takes in a song that was found. */
    public void take(Song song) {
        take(song, () -> { });
    }

    /** Takes in a song that was found and goes on, unless the open one is to stay. */
    public void take(Song song, Runnable then) {
        replace(() -> {
            session.open(ProjectDocument.of(song), null);
            then.run();
        });
    }

    /** Puts another song in the place of the open one, once it is decided what becomes of that. */
    private void replace(Runnable open) {
        host.beforeReplacing(() -> {
            autosave.decided(session.state().number(), true);
            open.run();
        });
    }

    public void save() {
        saveAnd(() -> { });
    }

    /** Saves, to the project's file or to one that is chosen, and then goes on, if nothing was edited meanwhile. */
    public void saveAnd(Runnable then) {
        WorkState state = session.state();
        state.file().ifPresentOrElse(file -> saveTo(file, state, state.onDisk(), then),
                () -> chosenProject().ifPresent(file -> saveTo(file, state, Optional.empty(), then)));
    }

    public void saveAs() {
        WorkState state = session.state();
        chosenProject().ifPresent(file -> saveTo(file, state, Optional.empty(), () -> { }));
    }

    private Optional<Path> chosenProject() {
        return choice.toSave(plainName(session.song().title()), ProjectFormat.PROJECT);
    }

    private void saveTo(Path file, WorkState state, Optional<FileState> known, Runnable then) {
        work.save(file, () -> {
            folder.writesTo(file);
            return ProjectFile.save(file, state.content(), known);
        }, written -> {
            folder.remember(file);
            session.say(Words.say("files.saved", file.getFileName()));
            if (!session.markSaved(state, file, written)) {
                // Another song is open by now; what was saved belongs to the one before.
                autosave.decided(state.number(), true);
            } else if (!session.isChanged()) {
                autosave.decided(state.number(), false);
                then.run();
            } else {
                host.beforeReplacing(then);
            }
        }, trouble -> {
            if (trouble instanceof ChangedOnDiskException) {
                host.changedOnDisk(file, () -> saveTo(file, state, Optional.empty(), then), this::saveAs);
            } else {
                failed(file).accept(trouble);
            }
        });
    }

    /** The earlier versions of the open project, the latest first; none while it has no file. */
    public List<Path> earlierVersions() {
        try {
            return session.file().get() == null ? List.of() : SavedVersions.of(session.file().get()).files();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** When an earlier version was replaced by the next one. */
    public static String savedAt(Path version) {
        try {
            return UnsavedStore.when(Files.getLastModifiedTime(version).toInstant());
        } catch (IOException e) {
            return version.getFileName().toString();
        }
    }

    /** Opens an earlier version in place of the open song; saving makes it the current one. */
    public void openVersion(Path version) {
        Optional<Path> project = Optional.ofNullable(session.file().get());
        Optional<FileState> known = session.state().onDisk();
        work.read(() -> ProjectFile.open(version), opened -> replace(() -> {
            session.openUnsaved(opened.document(), project, known);
            session.say(Words.say("files.versionOpened"));
        }), failed(version));
    }

    /**
     * Lets a target be chosen and writes a song there, with what the steps make of the parts.
     *
     * @param parts identities of the parts to write
     */
    public void export(Set<Integer> parts, WritableFormat format) {
        Song song = session.song();
        export(song, parts.size() == 1 ? song.part(parts.iterator().next()).name() : song.title(), parts, format);
    }

    /** Lets a target be chosen and writes the whole song there. */
    public void export(WritableFormat format) {
        Song song = session.song();
        export(song, song.title(), song.parts().stream().map(Part::id).collect(Collectors.toSet()), format);
    }

    private void export(Song song, String name, Set<Integer> parts, WritableFormat format) {
        choice.toSave(plainName(name), format).ifPresent(file -> work.export(file, () -> {
            folder.writesTo(file);
            WholeFile.check(file);
            WrittenSong written = format.write(song, parts);
            WholeFile.write(file, written.content());
            return written.notices();
        }, notices -> session.say(Words.say("files.exported", file.getFileName()) + (notices.isEmpty() ? "" : " · "
                + Words.say("files.repaired", String.join("; ", notices.stream().map(Notice::text).toList())))), failed(file)));
    }

    /** What becomes of a sound file. */
    public enum Rendered {
        WRITTEN, STOPPED, FAILED
    }

    /**
     * Renders a stretch of a score into a WAV file, off the interface thread.
     *
     * @param score made elsewhere
     * @param from microseconds of the score
     * @param progress is told the share that is done, on another thread
     * @param stopped gives the work up while it is true; no file is left then
     * @param done is told what became of it, on the interface thread, with a sentence when it failed
     */
    public void exportSound(Supplier<Score> score, long from, long to, Sounds sounds, DoubleConsumer progress,
                            BooleanSupplier stopped, BiConsumer<Rendered, String> done) {
        Optional<Path> target = choice.toSave(plainName(session.song().title()), SoundFile.FORMAT);
        if (target.isEmpty()) {
            done.accept(Rendered.STOPPED, "");
            return;
        }
        Path file = target.get();
        // Why plain sounds must do, if they must.
        List<String> troubles = new ArrayList<>();
        BooleanSupplier ended = () -> stopped.getAsBoolean() || work.isAbandoned();
        work.export(file, () -> {
            folder.writesTo(file);
            Score all = score.get();
            return sounds.use(bank -> SoundFile.writeTo(file, all, from, to, bank, progress, ended), troubles::add);
        }, whole -> {
            troubles.add(0, whole ? Words.say("files.exported", file.getFileName()) : Words.say("soundSheet.stopped"));
            session.say(String.join(" · ", troubles));
            done.accept(whole ? Rendered.WRITTEN : Rendered.STOPPED, "");
        }, trouble -> done.accept(Rendered.FAILED, sentence(file.getFileName(), trouble)));
    }

    /** The file of sounds that a person chooses to play with. */
    public Optional<Path> soundsToPlayWith() {
        return choice.toPlayWith();
    }

    /**
     * Offers the work that was left by windows which are gone, if there is any, and clears up after them.
     *
     * @param then runs once there is nothing to decide any more, or the person wants to decide later
     */
    public void offerUnsaved(Runnable then) {
        work.read(() -> {
            folder.sweep();
            return unsaved.left();
        }, found -> {
            found.trouble().forEach(host::trouble);
            if (found.left().isEmpty()) {
                then.run();
            } else {
                host.offer(new UnsavedOffer(this, work, autosave, unsaved, found.left()), then);
            }
        }, trouble -> then.run());
    }

    /** Opens unsaved work in place of the open song. */
    void openUnsaved(ProjectDocument document, UnsavedStore.Left left, boolean stepsOff) {
        replace(() -> {
            session.openUnsaved(document, left.about().project(), left.about().known());
            autosave.adopted(left.file());
            session.say(Words.say(stepsOff ? "files.recoveredOff" : "files.recovered"));
        });
    }

    /** Keeps what is not saved, soon: something went wrong. */
    public void keepWork() {
        autosave.writeSoon();
    }

    /** Runs something once nothing is being written any more. */
    public void whenWritten(Runnable then) {
        work.whenWritten(then);
    }

    /** Gives up what is being exported, since the person does not want to wait. */
    public void abandonExports() {
        work.abandonExports();
    }

    /** The person leaves; what is not saved is kept for the next time. Whoever has left leaves no more. */
    public void leave() {
        if (hasLeft) {
            return;
        }
        hasLeft = true;
        if (session.isChanged()) {
            autosave.writeNow();
        } else {
            autosave.decided(session.state().number(), true);
        }
        work.close();
        autosave.close();
    }

    private static String plainName(String name) {
        String plain = name.replaceAll("(?i)\\.(" + Formats.readable().stream().flatMap(format -> format.endings().stream()).collect(
                Collectors.joining("|")) + ")$", "").replaceAll("[\\\\/:*?\"<>|]", " ").strip();
        return plain.isEmpty() ? "song" : plain;
    }

    private Consumer<Throwable> failed(Path file) {
        return trouble -> {
            if (trouble instanceof UnreadableFileException || trouble instanceof IOException) {
                host.trouble(sentence(file.getFileName(), trouble));
            } else {
                host.failed(sentence(file.getFileName(), trouble), trouble);
            }
        };
    }

    static String sentence(Object named, Throwable trouble) {
        if (trouble instanceof UnreadableFileException) {
            return trouble.getMessage();
        } else if (trouble instanceof IOException io) {
            return Words.say("files.failed", named, FileTrouble.reason(io));
        }
        return Words.say("files.failed", named, Words.say(trouble instanceof OutOfMemoryError ? "trouble.memory"
                : "trouble.inside"));
    }
}
