package amberfence.song;

/**
 * One event of the file that a song was read from, in its place. Note events only point at their note, whose values
 * may have been edited since; everything else is kept byte for byte.
 */
public sealed interface SourceEvent {
    long tick();

    /** Whether the file left out the status byte because it repeated the one before. */
    boolean running();

    /** The beginning of a note. */
    record NoteOn(long tick, long noteId, boolean running) implements SourceEvent {
    }

    /**
     * The end of a note.
     *
     * @param asNoteOn whether the file wrote it as a note-on with velocity 0
     */
    record NoteOff(long tick, long noteId, boolean running, boolean asNoteOn) implements SourceEvent {
    }

    /** Any other event: status byte and all that follows, without the time before it. */
    record Other(long tick, Bytes bytes, boolean running) implements SourceEvent {
        /** The meta event's type, or −1 for events that are none. */
        public int metaType() {
            return bytes.at(0) == 0xFF ? bytes.at(1) : -1;
        }

        /** The channel 0–15 of a channel event, or −1. */
        public int channel() {
            return bytes.at(0) < 0xF0 ? bytes.at(0) & 0x0F : -1;
        }
    }
}
