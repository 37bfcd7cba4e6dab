package amberfence.format;

import amberfence.song.Song;
import java.util.Set;

/** A kind of file that songs are written to. */
public interface WritableFormat extends Format {
    /**
     * A song with what its steps come to, as the bytes of a file.
     *
     * @param parts identities of the parts that are wanted; a format of other things writes those all the same
     */
    WrittenSong write(Song song, Set<Integer> parts);
}
