package amberfence.demo;

import amberfence.edit.ProgressionEdits;
import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.reading.ChordReader;
import amberfence.song.Bytes;
import amberfence.song.Fence;
import amberfence.song.KeyPlan;
import amberfence.song.KeySpan;
import amberfence.song.Line;
import amberfence.song.LineText;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.song.SourceEvent;
import amberfence.song.SourceFile;
import amberfence.song.TimeMap;
import amberfence.step.PartResult;
import amberfence.step.fence.BringInside;
import amberfence.theory.Key;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/**
 * "Lantern Ferry", an invented song that has something to show on every screen: a tune with wrong notes, a bass of
 * roots, chords that jump, a figure and a hand drum. The notes are read from {@code lantern-ferry.txt}.
 */
public final class LanternFerry {
    private static final int TICKS_PER_QUARTER = 480;
    private static final int EIGHTH = TICKS_PER_QUARTER / 2;
    private static final TimeMap TIME = TimeMap.of(TICKS_PER_QUARTER, 555_556, 6, 8);
    private static final KeyPlan KEYS = new KeyPlan(List.of(new KeySpan(1, Key.parse("D dorian")),
            new KeySpan(17, Key.parse("F major")), new KeySpan(25, Key.parse("D dorian"))));
    private static final String TITLE = "Lantern Ferry";
    /** The C♯ in bar 7, which the demo leaves alone on purpose. */
    private static final long ON_PURPOSE = 6 * 6 * EIGHTH;

    private final List<Part> parts = new ArrayList<>();
    private final List<SourceFile.Chunk> tracks = new ArrayList<>();
    private long nextId = 1;

    private LanternFerry() {
    }

    /** The song with its keys, as a newly imported file would be, without steps. */
    public static Song plain() {
        LanternFerry ferry = new LanternFerry();
        ferry.tracks.add(conductor());
        ferry.readParts();
        Song made = new Song(TITLE, TIME, Fence.of(KEYS), ferry.parts,
                new SourceFile(1, TICKS_PER_QUARTER, Bytes.EMPTY, ferry.tracks, Bytes.EMPTY), ferry.nextId);
        Song read = read(MidiExport.ofOriginals(made).toBytes());
        for (Part part : made.parts()) {
            read = read.withPart(part.id(), same -> same.withRole(part.role()));
        }
        return read.withFence(made.fence());
    }

    /** Through a MIDI file and back, so that the demo stands on the same ground as any imported song. */
    private static Song read(byte[] midi) {
        try {
            return MidiReader.read(midi, TITLE).song();
        } catch (UnreadableFileException e) {
            throw new IllegalStateException("the demo song does not come back from its own MIDI file", e);
        }
    }

    /**
     * The song as the demo opens it: the tune is being brought inside, one note left alone on purpose; the progression is read
     * out of the harmonium and the bass.
     */
    public static Song song() {
        Song plain = plain();
        Part tune = plain.parts().get(0);
        long onPurpose = tune.line().notes().stream().filter(note -> note.start() == ON_PURPOSE)
                .map(Note::id).findFirst().orElseThrow();
        Song withTune = plain.plusStep(tune.id(), BringInside.USUAL).withPart(tune.id(), part -> part.withSteps(
                part.steps().stream().map(slot -> slot.withLeft(onPurpose, true)).toList()));
        Song withChords = withTune.plusStep(plain.parts().get(2).id(), BringInside.USUAL);
        return ProgressionEdits.read(withChords, ChordReader.read(List.of(plain.parts().get(1).line(), PartResult.of(withChords,
                withChords.parts().get(2)).line()), TIME, withChords.fence().along(TIME)));
    }

    private void readParts() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                LanternFerry.class.getResourceAsStream("lantern-ferry.txt"), StandardCharsets.UTF_8))) {
            String head = null;
            StringBuilder text = new StringBuilder();
            for (String line : in.lines().toList()) {
                if (line.startsWith("==")) {
                    addPart(head, text.toString());
                    head = line.substring(2).strip();
                    text.setLength(0);
                } else if (!line.startsWith("#")) {
                    text.append(line).append(' ');
                }
            }
            addPart(head, text.toString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A head is: name, role, channel from 1, General MIDI program from 1. */
    private void addPart(String head, String text) {
        if (head == null) {
            return;
        }
        String[] cells = head.split("\\s*,\\s*");
        int channel = Integer.parseInt(cells[2]) - 1;
        Line line = accented(LineText.parse(text, EIGHTH, channel, nextId));
        nextId += line.size();
        parts.add(Part.of(parts.size(), cells[0], Role.valueOf(cells[1].toUpperCase(Locale.ROOT)),
                OptionalInt.of(tracks.size()), channel, line));
        tracks.add(track(cells[0], channel, Integer.parseInt(cells[3]) - 1, line));
    }

    /** Main beats are louder, and each note ends a little before the next begins. */
    private static Line accented(Line line) {
        return Line.of(line.notes().stream().map(note -> {
            var position = TIME.position(note.start());
            int velocity = position.beat() == 1 ? 94 : position.beat() == 4 ? 86 : 72;
            return new Note(note.id(), note.start(), note.length() - EIGHTH / 12, note.pitch(), velocity, note.channel(),
                    note.release());
        }).toList());
    }

    private static SourceFile.Track conductor() {
        return new SourceFile.Track(List.of(name(TITLE),
                event(0, Bytes.of(0xFF, 0x58, 4, 6, 3, 36, 8)),
                event(0, Bytes.of(0xFF, 0x51, 3, 0x08, 0x7A, 0x24)),
                event(0, Bytes.of(0xFF, 0x59, 2, 0, 0)),
                event(0, Bytes.of(0xFF, 0x2F, 0))), Bytes.EMPTY);
    }

    private static SourceFile.Track track(String name, int channel, int program, Line line) {
        List<SourceEvent> events = new ArrayList<>();
        for (Note note : line.notes()) {
            events.add(new SourceEvent.NoteOn(note.start(), note.id(), false));
            events.add(new SourceEvent.NoteOff(note.end(), note.id(), false, false));
        }
        events.sort(Comparator.comparingLong(SourceEvent::tick));
        events.add(0, name(name));
        events.add(1, event(0, Bytes.of(0xC0 | channel, program)));
        events.add(event(line.end(), Bytes.of(0xFF, 0x2F, 0)));
        return new SourceFile.Track(events, Bytes.EMPTY);
    }

    private static SourceEvent name(String text) {
        byte[] letters = text.getBytes(StandardCharsets.US_ASCII);
        int[] event = new int[letters.length + 3];
        event[0] = 0xFF;
        event[1] = 0x03;
        event[2] = letters.length;
        for (int i = 0; i < letters.length; i++) {
            event[i + 3] = letters[i];
        }
        return event(0, Bytes.of(event));
    }

    private static SourceEvent event(long tick, Bytes bytes) {
        return new SourceEvent.Other(tick, bytes, false);
    }
}
