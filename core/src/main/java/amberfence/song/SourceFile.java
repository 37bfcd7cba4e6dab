package amberfence.song;

import java.util.List;
import java.util.OptionalInt;

/**
 * A MIDI file: what it held besides the notes, so that it can be given back untouched and in order.
 *
 * @param type the file's type: 0 one track, 1 tracks together, 2 independent patterns
 * @param division the file's own two bytes of time division: ticks per quarter, or SMPTE time when bit 15 is set
 * @param headerRest bytes of the header beyond the six that are defined
 * @param chunks tracks and foreign chunks in their order
 * @param original the file as it was, or nothing when it was never a file
 * @param read what it gave when it was read
 */
public record SourceFile(int type, int division, Bytes headerRest, List<Chunk> chunks, Bytes original, AsRead read) implements Origin {
    private static final int PROGRAM_CHANGE = 0xC0;
    /** One chunk of the file. */
    public sealed interface Chunk {
    }

    /** A track: its events in order, the last one being the end of the track; and bytes found after that. */
    public record Track(SourceEvents events, Bytes rest) implements Chunk {
    }

    /** A chunk of a kind that is not defined: passed on as it is, its eight bytes of head included. */
    public record Foreign(Bytes bytes) implements Chunk {
    }

    public SourceFile {
        chunks = List.copyOf(chunks);
    }

    /** A file of which is not known what it gives. */
    public SourceFile(int type, int division, Bytes headerRest, List<Chunk> chunks, Bytes original) {
        this(type, division, headerRest, chunks, original, AsRead.UNKNOWN);
    }

    public SourceFile withRead(Song song) {
        return new SourceFile(type, division, headerRest, chunks, original, AsRead.of(song));
    }

    /** A file with nothing in it, for a song that did not come from one. */
    public static SourceFile none(int ticksPerQuarter) {
        return new SourceFile(1, ticksPerQuarter, Bytes.EMPTY, List.of(), Bytes.EMPTY);
    }

    public List<Track> tracks() {
        return chunks.stream().filter(Track.class::isInstance).map(Track.class::cast).toList();
    }

    /** The first program that the file sets on a channel, if it sets one. */
    public OptionalInt program(int channel) {
        for (Track track : tracks()) {
            for (SourceEvent.Other other : track.events().others()) {
                if (other.channel() == channel && (other.bytes().at(0) & 0xF0) == PROGRAM_CHANGE && other.bytes().length() > 1) {
                    return OptionalInt.of(other.bytes().at(1) & 0x7F);
                }
            }
        }
        return OptionalInt.empty();
    }
}
