package amberfence.format.midi;

import amberfence.notes.Note;
import amberfence.song.Bytes;

/** One event on its way into a file. */
sealed interface OutEvent {
    long tick();

    boolean running();

    /**
     * The beginning or end of a note.
     *
     * @param edited whether the note differs from the file that it was read from
     */
    record Sounding(long tick, Note note, boolean isOn, boolean running, boolean asNoteOn, boolean edited)
            implements OutEvent {
        /** Channel and pitch in one number, which is what a reader pairs by. */
        int voice() {
            return note.channel() << 7 | note.pitch();
        }

        int status() {
            return (isOn || asNoteOn ? 0x90 : 0x80) | note.channel();
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
