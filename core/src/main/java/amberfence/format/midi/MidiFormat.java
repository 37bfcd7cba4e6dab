package amberfence.format.midi;

import amberfence.format.FileBytes;
import amberfence.format.ReadSong;
import amberfence.format.ReadableFormat;
import amberfence.format.UnreadableFileException;
import amberfence.format.WritableFormat;
import amberfence.format.WrittenSong;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Standard MIDI Files.
 *
 * @param type in which files are written, 0 or 1; empty to keep the type that the song was read from
 */
public record MidiFormat(Optional<Integer> type) implements ReadableFormat, WritableFormat {
    /** Written as it was read. */
    public static final MidiFormat AS_READ = new MidiFormat(Optional.empty());
    /** All in one track. */
    public static final MidiFormat ONE_TRACK = new MidiFormat(Optional.of(0));

    @Override
    public String title() {
        return Texts.say("MIDI file");
    }

    @Override
    public List<String> endings() {
        return List.of("mid", "midi", "kar", "rmi");
    }

    /** The wrapper of {@code .rmi} files is only read. */
    @Override
    public List<String> writtenEndings() {
        return List.of("mid", "midi", "kar");
    }

    @Override
    public long mostBytes() {
        return FileBytes.MOST_MIDI;
    }

    @Override
    public ReadSong read(byte[] bytes, String name) throws UnreadableFileException {
        return MidiReader.read(bytes, name);
    }

    @Override
    public WrittenSong write(Song song, Set<Integer> parts) {
        MidiExport export = new MidiExport(song, PartResult.lines(song), type).only(parts);
        return new WrittenSong(export.toBytes(), export.repairs());
    }
}
