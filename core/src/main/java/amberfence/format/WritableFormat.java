package amberfence.format;

import amberfence.song.Song;
import java.util.List;
import java.util.Set;

/** A kind of file that songs are written to. */
public interface WritableFormat extends Format {
    /** The endings of files that are written, the usual one first. */
    default List<String> writtenEndings() {
        return endings();
    }

    /**
     * A song with what its steps come to, as the bytes of a file.
     *
     * @param parts identities of the parts that are wanted; a format of other things writes those all the same
     */
    WrittenSong write(Song song, Set<Integer> parts);
}
