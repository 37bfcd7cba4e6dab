package amberfence.format.midi;

import amberfence.song.Bytes;

/** Turns the events of a track into the bytes of its chunk, one after the other. */
final class TrackWriter {
    private final ByteSink out;
    /** Where the length of the chunk stands. */
    private final int head;
    private long tick;
    private int status;
    /** By channel and pitch, how many notes sound that were edited. */
    private final int[] edited = new int[16 * 128];

    TrackWriter(ByteSink out) {
        this.out = out;
        out.addLetters("MTrk");
        head = out.length();
        out.addInt(0);
    }

    void write(OutEvent event) {
        if (event instanceof OutEvent.Raw raw && raw.isNoteOff() && edited[raw.voice()] > 0) {
            // A stray note-off would cut short a note that was moved onto its pitch.
            return;
        }
        writeTime(event.tick() - tick);
        tick = event.tick();
        if (event instanceof OutEvent.Sounding note) {
            edited[note.voice()] += note.edited() ? note.isOn() ? 1 : -1 : 0;
            writeNote(note);
        } else if (event instanceof OutEvent.Raw raw) {
            writeRaw(raw);
        }
    }

    /** @param rest what stands behind the end of the track */
    void end(Bytes rest) {
        out.add(rest);
        out.setInt(head, out.length() - head - 4);
    }

    /** A time longer than the four bytes allow is bridged with empty text events. */
    private void writeTime(long delta) {
        long rest = delta;
        while (rest > TrackReader.LONGEST_DELTA) {
            out.addQuantity(TrackReader.LONGEST_DELTA);
            out.add(Bytes.of(0xFF, 0x01, 0x00));
            rest -= TrackReader.LONGEST_DELTA;
        }
        out.addQuantity(rest);
    }

    private void writeNote(OutEvent.Sounding event) {
        int before = status;
        status = event.status();
        if (!event.running() || before != status) {
            out.add(status);
        }
        out.add(event.notes().pitch(event.place()));
        out.add(event.isOn() ? event.notes().velocity(event.place()) : event.asNoteOn() ? 0 : event.notes().release(event.place()));
    }

    /** System exclusive and meta events cancel running status (Standard MIDI Files 1.0, from memory). */
    private void writeRaw(OutEvent.Raw event) {
        int own = event.bytes().at(0);
        if (event.running() && status == own) {
            out.addWithoutFirst(event.bytes());
        } else {
            out.add(event.bytes());
        }
        status = own < 0xF0 ? own : 0;
    }
}
