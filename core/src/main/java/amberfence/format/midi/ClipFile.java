package amberfence.format.midi;

import amberfence.edit.Clip;
import amberfence.format.UnreadableFileException;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;

/** Copied notes as a MIDI file of their own, for handing them to other programs and back. */
public final class ClipFile {
    private ClipFile() {
    }

    /**
     * A clip as a file that begins with its first note.
     *
     * @param tempo the tempo where the notes were taken from
     * @param metre the metre there
     */
    public static byte[] write(Clip clip, String name, Tempo tempo, Metre metre) {
        TimeMap time = TimeMap.of(clip.ticksPerQuarter(), tempo.microsecondsPerQuarter(), metre.numerator(),
                metre.denominator());
        List<Note> notes = new ArrayList<>();
        for (Note note : clip.line().notes()) {
            notes.add(note.withId(notes.size() + 1L));
        }
        int channel = notes.isEmpty() ? 0 : notes.get(0).channel();
        Part part = Part.of(0, name, Role.MELODY, channel, Line.of(notes));
        return MidiExport.ofOriginals(new Song(name, time, Fence.of(KeyPlan.of(Key.parse("C major"))), List.of(part),
                Origin.MADE, notes.size() + 1L)).toBytes();
    }

    /** All notes of a MIDI file as a clip. */
    public static Clip read(byte[] bytes, String name) throws UnreadableFileException {
        Song song = MidiReader.read(bytes, name).song();
        return Clip.of(song.parts().stream().flatMap(part -> part.line().notes().stream()).toList(), song.time());
    }
}
