package amberfence.format.midi;

import amberfence.notes.NoteColumns;
import amberfence.song.Bytes;

/** One event on its way into a file. */
sealed interface OutEvent {
    long tick();

    boolean running();

    /**
     * The beginning or end of a note.
     *
     * @param place where the note stands among those that are given
     * @param edited whether the note differs from the file that it was read from
     */
    record Sounding(long tick, NoteColumns notes, int place, boolean isOn, boolean running, boolean asNoteOn, boolean edited)
            implements OutEvent {
        /** Channel and pitch in one number, which is what a reader pairs by. */
        int voice() {
            return notes.channel(place) << 7 | notes.pitch(place);
        }

        int status() {
            return (isOn || asNoteOn ? 0x90 : 0x80) | notes.channel(place);
        }

        /** When the note ends where this is its beginning, else when it began. */
        long otherTick() {
            return isOn ? notes.end(place) : notes.start(place);
        }
    }

    /** Any other event, byte for byte. */
    record Raw(long tick, Bytes bytes, boolean running) implements OutEvent {
        boolean isNoteOff() {
            int kind = bytes.at(0) & 0xF0;
            return kind == 0x80 || kind == 0x90 && bytes.at(2) == 0;
        }

        int voice() {
            return (bytes.at(0) & 0x0F) << 7 | bytes.at(1);
        }

        boolean isEndOfTrack() {
            return bytes.at(0) == 0xFF && bytes.at(1) == 0x2F;
        }
    }
}
