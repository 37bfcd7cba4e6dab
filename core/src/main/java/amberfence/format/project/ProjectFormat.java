package amberfence.format.project;

import amberfence.format.FileBytes;
import amberfence.format.ReadSong;
import amberfence.format.ReadableFormat;
import amberfence.format.UnreadableFileException;
import amberfence.format.WritableFormat;
import amberfence.format.WrittenSong;
import amberfence.song.Song;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Projects: the whole song with its steps and takes. Whoever saves one again keeps what it does not know; see {@link ProjectFile}. */
public record ProjectFormat() implements ReadableFormat, WritableFormat {
    /** The one there is. */
    public static final ProjectFormat PROJECT = new ProjectFormat();

    @Override
    public String title() {
        return Texts.say("project");
    }

    @Override
    public List<String> endings() {
        return List.of("amber");
    }

    @Override
    public long mostBytes() {
        return FileBytes.MOST_PROJECT;
    }

    @Override
    public ReadSong read(byte[] bytes, String name) throws UnreadableFileException {
        return new ReadSong(ProjectReader.read(bytes, name).song(), List.of(), Optional.empty());
    }

    @Override
    public WrittenSong write(Song song, Set<Integer> parts) {
        return new WrittenSong(ProjectWriter.write(ProjectDocument.of(song)), List.of());
    }
}
