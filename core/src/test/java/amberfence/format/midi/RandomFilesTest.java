package amberfence.format.midi;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.ReadSong;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import javax.sound.midi.MidiSystem;
import org.junit.jupiter.api.Test;

/** Well-formed files with everything in them, made by chance from a seed and written without the project's own writer. */
class RandomFilesTest {
    private final Random random = new Random(20);

    private byte[] file() {
        int tracks = 1 + random.nextInt(4);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(MidiFiles.hex("4D546864 00000006 000%d %04X %04X".formatted(tracks == 1 ? random.nextInt(2) : 1, tracks,
                24 + random.nextInt(960))));
        for (int i = 0; i < tracks; i++) {
            byte[] events = track();
            out.writeBytes(MidiFiles.hex("4D54726B %08X".formatted(events.length)));
            out.writeBytes(events);
        }
        return out.toByteArray();
    }

    private byte[] track() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<int[]> sounding = new ArrayList<>();
        int status = 0;
        for (int i = 0; i < 60 + random.nextInt(60); i++) {
            quantity(random.nextInt(4) == 0 ? random.nextInt(40_000) : random.nextInt(90), out);
            int kind = random.nextInt(12);
            if (kind < 5) {
                int[] note = {random.nextInt(3), 40 + random.nextInt(30)};
                sounding.add(note);
                status = channelEvent(0x90 | note[0], status, out, note[1], 1 + random.nextInt(127));
            } else if (kind < 8 && !sounding.isEmpty()) {
                int[] note = sounding.remove(0);
                boolean asNoteOn = random.nextBoolean();
                status = channelEvent((asNoteOn ? 0x90 : 0x80) | note[0], status, out, note[1],
                        asNoteOn ? 0 : random.nextInt(128));
            } else if (kind == 8) {
                status = channelEvent(0xB0 | random.nextInt(16), status, out, random.nextInt(120), random.nextInt(128));
            } else if (kind == 9) {
                status = channelEvent(0xE0 | random.nextInt(16), status, out, random.nextInt(128), random.nextInt(128));
            } else if (kind == 10) {
                status = channelEvent(0xC0 | random.nextInt(16), status, out, random.nextInt(128));
            } else {
                status = 0;
                out.writeBytes(MidiFiles.hex(random.nextBoolean() ? "F0 04 7E 01 02 F7" : "FF 01 03 61 62 63"));
            }
        }
        for (int[] note : sounding) {
            quantity(random.nextInt(50), out);
            status = channelEvent(0x80 | note[0], status, out, note[1], 64);
        }
        out.writeBytes(MidiFiles.hex("00 FF 2F 00"));
        return out.toByteArray();
    }

    /** Uses running status where it may, now and then. */
    private int channelEvent(int status, int before, ByteArrayOutputStream out, int... data) {
        if (status != before || random.nextInt(3) == 0) {
            out.write(status);
        }
        for (int value : data) {
            out.write(value);
        }
        return status;
    }

    private static void quantity(int value, ByteArrayOutputStream out) {
        if (value >= 0x4000) {
            out.write(value >> 14 | 0x80);
        }
        if (value >= 0x80) {
            out.write(value >> 7 & 0x7F | 0x80);
        }
        out.write(value & 0x7F);
    }

    @Test
    void comeBackByteForByte() {
        for (int round = 0; round < 200; round++) {
            byte[] file = file();
            ReadSong read = MidiFiles.read(file);
            assertThat(read.notices()).isEmpty();
            assertThat(MidiExport.ofOriginals(read.song()).toBytes()).isEqualTo(file);
        }
    }

    @Test
    void keepEveryEventButPitchesWhenPitchesAreEdited() {
        for (int round = 0; round < 100; round++) {
            Song song = MidiFiles.read(file()).song();
            Map<Integer, Line> lines = new HashMap<>();
            for (Part part : song.parts()) {
                lines.put(part.id(), Line.of(part.line().notes().stream()
                        .map(note -> note.withPitch(60 + Math.floorMod(note.id(), 5))).toList()));
            }
            Song back = MidiFiles.read(new MidiExport(song, lines, Optional.empty()).toBytes()).song();
            assertThat(MidiFiles.notes(back)).hasSameSizeAs(MidiFiles.notes(song));
            assertThat(MidiFiles.notes(back)).extracting(Note::start).isEqualTo(
                    MidiFiles.notes(song).stream().map(Note::start).toList());
            assertThat(MidiFiles.notes(back)).extracting(Note::pitch).containsExactlyInAnyOrderElementsOf(
                    lines.values().stream().flatMap(line -> line.notes().stream()).map(Note::pitch).toList());
        }
    }

    @Test
    void holdNotesThatMovedInTimeAndNotesThatAreNew() throws Exception {
        for (int round = 0; round < 60; round++) {
            Song song = MidiFiles.read(file()).song();
            Map<Integer, Line> lines = new HashMap<>();
            List<Note> wanted = new ArrayList<>();
            long id = song.nextId();
            for (Part part : song.parts()) {
                List<Note> notes = new ArrayList<>();
                long tick = 0;
                for (Note note : part.line().notes()) {
                    // One after the other, so that no two of one pitch overlap.
                    long length = 1 + random.nextInt(200);
                    notes.add(new Note(note.id(), tick, length, note.pitch(), note.velocity(), note.channel(), note.release()));
                    tick += length + random.nextInt(30);
                }
                notes.add(new Note(id++, tick, 77, 61, 99, part.channel(), 64));
                wanted.addAll(notes);
                lines.put(part.id(), Line.of(notes));
            }
            byte[] file = new MidiExport(song.withNextId(id), lines, Optional.empty()).toBytes();
            assertThat(MidiSystem.getSequence(new ByteArrayInputStream(file)).getTracks()).hasSameSizeAs(
                    song.source().tracks());
            assertThat(MidiFiles.notes(MidiFiles.read(file).song()).stream().map(RandomFilesTest::heard))
                    .containsExactlyInAnyOrderElementsOf(wanted.stream().map(RandomFilesTest::heard).toList());
        }
    }

    private static List<Long> heard(Note note) {
        return List.of(note.start(), note.length(), (long) note.pitch(), (long) note.velocity(), (long) note.channel());
    }
}
