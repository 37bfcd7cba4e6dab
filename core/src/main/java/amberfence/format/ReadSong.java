package amberfence.format;

import amberfence.song.Song;
import amberfence.theory.Key;
import java.util.List;
import java.util.Optional;

/**
 * What came out of a file: the song, what was noticed on the way, and the key that the file itself names. Where the file says
 * nothing of a fence, the song's holds a placeholder key until one is chosen; see {@code amberfence.reading.KeyFinder}.
 */
public record ReadSong(Song song, List<Notice> notices, Optional<Key> writtenKey) {
    public ReadSong {
        notices = List.copyOf(notices);
    }
}
