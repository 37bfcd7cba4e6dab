package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.util.List;
import java.util.Optional;

/**
 * What came out of a MIDI file: the song, what was noticed on the way, and the key that the file itself names. The
 * song's fence holds a placeholder key until one is chosen; see {@code amberfence.reading.KeyFinder}.
 */
public record MidiImport(Song song, List<Notice> notices, Optional<Key> writtenKey) {
    public MidiImport {
        notices = List.copyOf(notices);
    }
}
