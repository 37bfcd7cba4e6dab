package amberfence.demo;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordReader;
import amberfence.song.Bytes;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.SourceEvent;
import amberfence.song.SourceEvents;
import amberfence.song.SourceFile;
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
import java.util.function.UnaryOperator;

/**
 * The readable source of an invented song, from which its MIDI file is made. After a change in the text, write
 * {@code MidiExport.ofOriginals} of what it tells over the file, and the chords where they stand.
 */
final class DemoText {
    private static final int EIGHTHS_IN_A_QUARTER = 2;
    private final TimeMap time;
    private final UnaryOperator<Line> hand;
    private final List<Part> parts = new ArrayList<>();
    private final List<SourceFile.Chunk> tracks = new ArrayList<>();
    private long nextId = 1;

    private DemoText(TimeMap time, UnaryOperator<Line> hand) {
        this.time = time;
        this.hand = hand;
    }

    /**
     * The song that a text tells.
     *
     * @param resource name of the text, whose lengths are in eighths
     * @param key the sharps, and 1 for minor, as a MIDI file says it
     * @param hand how its notes are played: loudness and ends
     */
    static Song read(String title, String resource, TimeMap time, int[] key, UnaryOperator<Line> hand) {
        DemoText text = new DemoText(time, hand);
        text.tracks.add(text.conductor(title, key));
        text.readParts(resource);
        return new Song(title, time, Song.empty(title).fence(), text.parts,
                new SourceFile(1, time.ticksPerQuarter(), Bytes.EMPTY, text.tracks, Bytes.EMPTY), text.nextId);
    }

    /** Asserts that the progression of a song is what is read out of some of its lines. */
    static void isRead(Song song, List<Line> heard) {
        assertThat(song.progression().spans()).extracting(span -> span.chord() + " " + span.start() + " " + span.end() + " " + span.confidence())
                .isEqualTo(ChordReader.read(heard, song.time(), song.fence().along(song.time())).stream()
                        .map(read -> read.chord() + " " + read.start() + " " + read.end() + " " + read.confidence()).toList());
    }

    private void readParts(String resource) {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(DemoText.class.getResourceAsStream(resource), StandardCharsets.UTF_8))) {
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
        Line line = hand.apply(LineText.parse(text, time.ticksPerQuarter() / EIGHTHS_IN_A_QUARTER, channel, nextId));
        nextId += line.size();
        parts.add(Part.of(parts.size(), cells[0], Role.valueOf(cells[1].toUpperCase(Locale.ROOT)),
                OptionalInt.of(tracks.size()), channel, line));
        tracks.add(track(cells[0], channel, Integer.parseInt(cells[3]) - 1, line));
    }

    private SourceFile.Track conductor(String title, int[] key) {
        int tempo = time.tempos().get(0).microsecondsPerQuarter();
        Metre metre = time.metres().get(0);
        return new SourceFile.Track(SourceEvents.of(List.of(name(title),
                event(0, Bytes.of(0xFF, 0x58, 4, metre.numerator(), Integer.numberOfTrailingZeros(metre.denominator()), metre.isCompound() ? 36 : 24, 8)),
                event(0, Bytes.of(0xFF, 0x51, 3, tempo >> 16 & 0xFF, tempo >> 8 & 0xFF, tempo & 0xFF)),
                event(0, Bytes.of(0xFF, 0x59, 2, key[0], key[1])),
                event(0, Bytes.of(0xFF, 0x2F, 0)))), Bytes.EMPTY);
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
        return new SourceFile.Track(SourceEvents.of(events), Bytes.EMPTY);
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
