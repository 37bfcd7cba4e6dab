package amberfence.cli;

import amberfence.format.FileTrouble;
import amberfence.format.ReadSong;
import amberfence.format.ReadableFormat;
import amberfence.format.RecipeFile;
import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.format.WritableFormat;
import amberfence.format.catalogue.Formats;
import amberfence.format.midi.MidiFormat;
import amberfence.format.musicxml.MusicXmlFormat;
import amberfence.format.project.ProjectFormat;
import amberfence.format.sheet.ChartFormat;
import amberfence.step.recipe.Recipe;
import amberfence.step.recipe.Recipes;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Files of a command, with failures in words. */
final class CommandFiles {
    private static final int LONGEST_NAME = 4_000;

    private CommandFiles() {
    }

    /**
     * Reads a song; what of a score cannot be kept is said at once.
     *
     * @param err where it is said
     */
    static ReadSong read(Path file, PrintWriter err) {
        try {
            ReadSong read = Formats.read(file);
            if (isWrittenMusic(file)) {
                read.notices().forEach(notice -> err.println(notice.text()));
                err.flush();
            }
            return read;
        } catch (UnreadableFileException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, e.getMessage());
        }
    }

    static CommandFailure notWritten(Path target, IOException trouble) {
        return new CommandFailure(CommandFailure.NOT_WRITTEN, target + " cannot be written: " + FileTrouble.reason(trouble));
    }

    /** Refuses targets that are the input itself, before any work is done. */
    static void checkTarget(Path target, Path input) {
        try {
            if (Files.exists(target) && Files.exists(input) && Files.isSameFile(target, input)) {
                throw new CommandFailure(CommandFailure.WRONG_COMMAND, target
                        + " is the input itself; the original is never written over, choose another name");
            }
        } catch (IOException e) {
            throw new CommandFailure(CommandFailure.NOT_WRITTEN, target + " cannot be looked at: " + FileTrouble.reason(e));
        }
        Path folder = target.toAbsolutePath().getParent();
        if (Files.isDirectory(target) || folder == null || !Files.isDirectory(folder)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, target
                    + (Files.isDirectory(target) ? " is a folder" : " lies in a folder that does not exist"));
        }
        try {
            WholeFile.check(target);
        } catch (IOException e) {
            throw notWritten(target, e);
        }
    }

    static void write(Path target, byte[] content) {
        try {
            WholeFile.write(target, content);
        } catch (IOException e) {
            throw notWritten(target, e);
        }
    }

    /** A ready-made recipe, or one from a text file. */
    static Recipe recipe(String name) {
        Optional<Recipe> ready = Recipes.find(name);
        if (ready.isPresent()) {
            return ready.get();
        }
        Path file = Path.of(name);
        if (!Files.isRegularFile(file)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, "there is no recipe and no file “" + name + "”; recipes lists those that ship");
        }
        try {
            return RecipeFile.read(file);
        } catch (UnreadableFileException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, e.getMessage());
        }
    }

    /** Whether a file is a score or a chart. */
    static boolean isWrittenMusic(Path file) {
        return Formats.of(file) instanceof MusicXmlFormat || Formats.of(file) instanceof ChartFormat;
    }

    /** The chart in a file, to be put under the notes of another; nothing when the text is no name of one. */
    static Optional<String> chart(String text) {
        if (text.contains("|") || text.length() > LONGEST_NAME || !(Formats.of(Path.of(text)) instanceof ChartFormat format) || !Files.exists(Path.of(text))) {
            return Optional.empty();
        }
        try {
            return Optional.of(format.bars(Path.of(text), text));
        } catch (UnreadableFileException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, e.getMessage());
        }
    }

    /** Whether a file has a key of its own, as a project has, and a score or a chart that names one. */
    static boolean bringsKey(Path file, ReadSong read) {
        return Formats.of(file) instanceof ProjectFormat || isWrittenMusic(file) && read.writtenKey().isPresent();
    }

    /** Refuses a file for a song whose ending is that of nothing that songs are written to; without an ending it is a MIDI file. */
    static void checkEnding(Path target) {
        String name = String.valueOf(target.getFileName());
        if (!isForSongs(name)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, "no song is written to " + name + "; endings are "
                    + endings().map(ending -> "." + ending).collect(Collectors.joining(", ")));
        }
    }

    /** The name under which what is made of a file is written: its own, or, where songs are read from such files only, that of a MIDI file. */
    static String written(String name) {
        return isForSongs(name) ? name : name.substring(0, name.lastIndexOf('.')) + ".mid";
    }

    private static boolean isForSongs(String name) {
        return !name.contains(".") || endings().anyMatch(ending -> name.toLowerCase(Locale.ROOT).endsWith("." + ending));
    }

    private static Stream<String> endings() {
        return Formats.writable().stream().filter(ReadableFormat.class::isInstance).flatMap(format -> format.writtenEndings().stream());
    }

    /** The format of a file to write that is no MIDI file; by its ending. */
    static Optional<WritableFormat> otherThanMidi(Path target) {
        return Formats.of(target) instanceof WritableFormat format && !(format instanceof MidiFormat) ? Optional.of(format) : Optional.empty();
    }
}
