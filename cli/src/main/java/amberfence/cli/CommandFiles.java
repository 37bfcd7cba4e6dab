package amberfence.cli;

import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.format.midi.MidiImport;
import amberfence.format.midi.MidiReader;
import amberfence.format.project.ProjectReader;
import amberfence.song.Song;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Files of a command, with failures in words. */
final class CommandFiles {
    private CommandFiles() {
    }

    static MidiImport readMidi(Path file) {
        try {
            return MidiReader.read(bytes(file), file.getFileName().toString());
        } catch (UnreadableFileException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, e.getMessage());
        }
    }

    static Song readProject(Path file) {
        try {
            return ProjectReader.read(bytes(file), file.getFileName().toString()).song();
        } catch (UnreadableFileException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, e.getMessage());
        }
    }

    private static byte[] bytes(Path file) {
        if (Files.isDirectory(file)) {
            throw new CommandFailure(CommandFailure.UNREADABLE, file + " is a folder, not a file");
        }
        try {
            return Files.readAllBytes(file);
        } catch (NoSuchFileException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, file + " does not exist");
        } catch (IOException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, file + " cannot be read: " + e.getMessage());
        }
    }

    /** Refuses targets that are the input itself, before any work is done. */
    static void checkTarget(Path target, Path input) {
        try {
            if (Files.exists(target) && Files.exists(input) && Files.isSameFile(target, input)) {
                throw new CommandFailure(CommandFailure.WRONG_COMMAND, target
                        + " is the input itself; the original is never written over, choose another name");
            }
        } catch (IOException e) {
            throw new CommandFailure(CommandFailure.NOT_WRITTEN, target + " cannot be looked at: " + e.getMessage());
        }
        Path folder = target.toAbsolutePath().getParent();
        if (Files.isDirectory(target) || folder == null || !Files.isDirectory(folder)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, target
                    + (Files.isDirectory(target) ? " is a folder" : " lies in a folder that does not exist"));
        }
    }

    static void write(Path target, byte[] content) {
        try {
            WholeFile.write(target, content);
        } catch (IOException e) {
            throw new CommandFailure(CommandFailure.NOT_WRITTEN, target + " cannot be written: " + e.getMessage());
        }
    }
}
