package amberfence.format.project;

import amberfence.format.FileBytes;
import amberfence.format.FileState;
import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.words.Texts;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Projects on the disk: opened with what stood there, saved so that nothing of anybody is written over unasked. */
public final class ProjectFile {
    /** A project and what stood in its file when it was read. */
    public record Opened(ProjectDocument document, FileState state) {
    }

    private ProjectFile() {
    }

    /** Reads a project. */
    public static Opened open(Path file) throws UnreadableFileException {
        byte[] bytes = FileBytes.read(file, FileBytes.MOST_PROJECT);
        return new Opened(ProjectReader.read(bytes, file.getFileName().toString()), FileState.of(bytes));
    }

    /**
     * Saves a project. What is to be written is read back before anything is replaced, and the version that is replaced is
     * kept among the {@link SavedVersions}.
     *
     * @param known what stood in the file when this window read or wrote it last; empty to write over whatever is there
     * @return what stands in the file now
     * @throws ChangedOnDiskException when something else stands there by now
     */
    public static FileState save(Path file, ProjectDocument document, Optional<FileState> known) throws IOException {
        Path real = WholeFile.check(file);
        byte[] bytes = ProjectWriter.write(document);
        readBack(bytes, document);
        if (Files.exists(real)) {
            byte[] old = Files.readAllBytes(real);
            FileState there = FileState.of(old);
            if (known.isPresent() && !known.get().equals(there)) {
                throw new ChangedOnDiskException(file);
            }
            if (!there.equals(FileState.of(bytes))) {
                SavedVersions.of(real).keep(old);
            }
        }
        WholeFile.write(file, bytes);
        return FileState.of(bytes);
    }

    private static void readBack(byte[] bytes, ProjectDocument document) throws IOException {
        if (bytes.length > FileBytes.MOST_PROJECT) {
            throw new IOException(Texts.say("the project would have %s MB; projects are read up to %s MB. Import a smaller MIDI file, or remove takes",
                    (bytes.length >> 20), (FileBytes.MOST_PROJECT >> 20)));
        }
        try {
            if (!ProjectReader.read(bytes, "what would be written").song().equals(document.song())) {
                throw new IOException(Texts.say("what would be written does not come back as it is now"));
            }
        } catch (UnreadableFileException e) {
            throw new IOException(e.getMessage(), e);
        }
    }
}
