package amberfence.format.midi;

import amberfence.song.Bytes;
import java.util.List;

/** Turns the events of a track into the bytes of its chunk. */
final class TrackWriter {
    private TrackWriter() {
    }

    static void write(List<OutEvent> events, Bytes rest, ByteSink out) {
        ByteSink body = new ByteSink(events.size() * 4);
        long tick = 0;
        int status = 0;
        int[] edited = new int[16 * 128];
        for (OutEvent event : events) {
            if (event instanceof OutEvent.Raw raw && raw.isNoteOff() && edited[raw.voice()] > 0) {
                // A stray note-off would cut short a note that was moved onto its pitch.
                continue;
            }
            writeTime(event.tick() - tick, body);
            tick = event.tick();
            if (event instanceof OutEvent.Sounding note) {
                edited[note.voice()] += note.edited() ? note.isOn() ? 1 : -1 : 0;
                status = writeNote(note, status, body);
            } else if (event instanceof OutEvent.Raw raw) {
                status = writeRaw(raw, status, body);
            }
        }
        out.addLetters("MTrk");
        out.addInt(body.length() + rest.length());
        out.add(body);
        out.add(rest);
    }

    /** A time longer than the four bytes allow is bridged with empty text events. */
    private static void writeTime(long delta, ByteSink body) {
        long rest = delta;
        while (rest > TrackReader.LONGEST_DELTA) {
            body.addQuantity(TrackReader.LONGEST_DELTA);
            body.add(Bytes.of(0xFF, 0x01, 0x00));
            rest -= TrackReader.LONGEST_DELTA;
        }
        body.addQuantity(rest);
    }

    private static int writeNote(OutEvent.Sounding event, int before, ByteSink body) {
        int status = event.status();
        if (!event.running() || before != status) {
            body.add(status);
        }
        body.add(event.note().pitch());
        body.add(event.isOn() ? event.note().velocity() : event.asNoteOn() ? 0 : event.note().release());
        return status;
    }

    /** System exclusive and meta events cancel running status (Standard MIDI Files 1.0, from memory). */
    private static int writeRaw(OutEvent.Raw event, int before, ByteSink body) {
        int status = event.bytes().at(0);
        if (event.running() && before == status) {
            body.addWithoutFirst(event.bytes());
        } else {
            body.add(event.bytes());
        }
        return status < 0xF0 ? status : 0;
    }
}
