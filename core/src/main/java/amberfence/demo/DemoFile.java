package amberfence.demo;

import amberfence.edit.ProgressionEdits;
import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.ReadChord;
import amberfence.song.Song;
import amberfence.theory.Chord;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** Reads the MIDI file of an invented song that ships, so that it is a song like any other. */
final class DemoFile {
    private DemoFile() {
    }

    /** @param roles of the parts, in their order */
    static Song read(String title, String file, Role... roles) {
        Song song = song(title, file);
        for (int i = 0; i < roles.length; i++) {
            Role role = roles[i];
            song = song.withPart(song.parts().get(i).id(), part -> part.withRole(role));
        }
        return song;
    }

    private static Song song(String title, String file) {
        try (InputStream in = DemoFile.class.getResourceAsStream(file)) {
            return MidiReader.read(in.readAllBytes(), title).song();
        } catch (UnreadableFileException e) {
            throw new IllegalStateException("a demo song that ships cannot be read", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** With a chord in each bar, as reading the parts finds them; to read them again at each start would take its time. */
    static Song withChords(Song song, String symbols) {
        TimeMap time = song.time();
        List<ReadChord> chords = new ArrayList<>();
        for (String symbol : symbols.split(" ")) {
            int bar = chords.size() + 1;
            chords.add(new ReadChord(time.barStart(bar), time.barStart(bar + 1), Chord.parse(symbol), 1, List.of()));
        }
        return ProgressionEdits.read(song, chords);
    }
}
