package amberfence.format.midi;

import amberfence.song.Line;
import amberfence.song.Song;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What to write: a song, the lines that its parts come to, which parts, and the type of file.
 *
 * @param lines by part, what each comes to after its steps; a part that is missing is not written
 * @param type 0 or 1, or empty to keep the type that the song was read from (type 1 for a new song)
 */
public record MidiExport(Song song, Map<Integer, Line> lines, Optional<Integer> type) {
    public MidiExport {
        long[] next = {song.nextId()};
        Map<Integer, Line> named = new TreeMap<>();
        lines.forEach((part, line) -> named.put(part, line.withoutMade(() -> next[0]++)));
        lines = Map.copyOf(named);
        song = song.withNextId(next[0]);
        if (type.isPresent() && type.get() != 0 && type.get() != 1) {
            throw new IllegalArgumentException("MIDI files are written as type 0 or 1, not " + type.get());
        }
    }

    /** The song as it stands, without its steps. */
    public static MidiExport ofOriginals(Song song) {
        Map<Integer, Line> lines = new TreeMap<>();
        song.parts().forEach(part -> lines.put(part.id(), part.line()));
        return new MidiExport(song, lines, Optional.empty());
    }

    /** The same, with only some parts. */
    public MidiExport only(Set<Integer> parts) {
        Map<Integer, Line> some = new TreeMap<>(lines);
        some.keySet().retainAll(parts);
        return new MidiExport(song, some, type);
    }

    public MidiExport withType(int newType) {
        return new MidiExport(song, lines, Optional.of(newType));
    }

    /** Whether parts of the song are left out. */
    boolean isPartial() {
        return song.parts().stream().anyMatch(part -> !lines.containsKey(part.id()));
    }

    public byte[] toBytes() {
        return new MidiWriter(this).write();
    }
}
