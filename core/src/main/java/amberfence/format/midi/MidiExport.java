package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.format.UnreadableFileException;
import amberfence.notes.Line;
import amberfence.song.Song;
import amberfence.words.Texts;
import java.util.List;
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
            throw new IllegalArgumentException(Texts.say("MIDI files are written as type 0 or 1, not %s", type.get()));
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

    /**
     * Whether nothing was done to what was read: every part comes to the notes that the file gave it, and tempo and metre
     * are the file's. Such a file is written as the bytes that it was, whatever odd things they hold.
     */
    public boolean isUntouched() {
        if (song.source().original().length() == 0 || isPartial() || type.isPresent() && type.get() != song.source().type()) {
            return false;
        }
        try {
            Song read = read();
            return read.parts().size() == song.parts().size() && read.time().isWrittenAs(song.time())
                    && read.title().equals(song.title()) && read.credits().copyright().equals(song.credits().copyright()) && read.parts().stream()
                    .allMatch(part -> part.line().equals(lines.get(part.id())) && song.find(part.id())
                            .filter(same -> same.track().equals(part.track())).isPresent());
        } catch (UnreadableFileException e) {
            return false;
        }
    }

    /** What the file gives; read again where that is not known, or where only that says whether the title is the file's own. */
    private Song read() throws UnreadableFileException {
        Song known = song.source().read().song().orElse(null);
        return known != null && known.title().equals(song.title()) ? known : MidiReader.read(song.source().original().toArray(), song.title()).song();
    }

    /** What of the file that was read cannot stay as it was, so that the written one is valid. */
    public List<Notice> repairs() {
        return isUntouched() ? List.of() : MidiRepair.of(song.source()).repairs();
    }

    public byte[] toBytes() {
        return isUntouched() ? song.source().original().toArray()
                : new MidiWriter(this, MidiRepair.of(song.source()).source()).write();
    }
}
