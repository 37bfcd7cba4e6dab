package amberfence.format.midi;

import amberfence.format.ReadSong;
import amberfence.format.UnreadableFileException;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** MIDI files for tests, written down as bytes. */
final class MidiFiles {
    private MidiFiles() {
    }

    /** Bytes written as hexadecimal pairs; white space does not matter. */
    static byte[] hex(String text) {
        String plain = text.replaceAll("\\s+", "");
        byte[] bytes = new byte[plain.length() / 2];
        for (int i = 0; i < bytes.length; i++) {
            bytes[i] = (byte) Integer.parseInt(plain.substring(2 * i, 2 * i + 2), 16);
        }
        return bytes;
    }

    /** A file of tracks given as hexadecimal events, 96 ticks per quarter. */
    static byte[] file(int type, String... tracks) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(hex("4D546864 00000006 000%d 00%02X 0060".formatted(type, tracks.length)));
        for (String track : tracks) {
            byte[] events = hex(track);
            out.writeBytes(hex("4D54726B %08X".formatted(events.length)));
            out.writeBytes(events);
        }
        return out.toByteArray();
    }

    static ReadSong read(byte[] bytes) {
        try {
            return MidiReader.read(bytes, "test.mid");
        } catch (UnreadableFileException e) {
            throw new AssertionError(e);
        }
    }

    static byte[] roundTrip(byte[] bytes) {
        return MidiExport.ofOriginals(read(bytes).song()).toBytes();
    }

    static List<Note> notes(Song song) {
        return song.parts().stream().map(Part::line).flatMap(line -> line.notes().stream()).sorted(Note.IN_TIME).toList();
    }

    /** What is written once every note is a semitone higher. */
    static MidiExport edited(Song song) {
        Map<Integer, Line> lines = new TreeMap<>();
        song.parts().forEach(part -> lines.put(part.id(), Line.of(part.line().notes().stream()
                .map(note -> note.withPitch(Math.min(127, note.pitch() + 1))).toList())));
        return new MidiExport(song, lines, Optional.empty());
    }
}
