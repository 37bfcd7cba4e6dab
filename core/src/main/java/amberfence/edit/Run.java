package amberfence.edit;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * Notes one after another along a scale or a chord, to be put in at a place.
 *
 * @param of the notes that it goes along
 * @param from it begins with the first of them at or above this pitch, or below it when it goes down
 * @param count how many notes, 1–64; past the end of MIDI it stops
 * @param value the note value of each
 */
public record Run(PitchClassSet of, int from, boolean up, int count, Grid value) {
    private static final Range COUNT = new Range(Texts.text("notes of a run"), 1, 64);

    public Run {
        COUNT.check(count);
        Range.PITCH.check(from);
        if (of.isEmpty()) {
            throw new IllegalArgumentException(Texts.say("a run goes along at least one note"));
        }
    }

    /**
     * The notes that a key or a chord names.
     *
     * @throws MusicTextException when a text is neither
     */
    public static PitchClassSet along(String text) {
        try {
            return Key.parse(text).pitchClasses();
        } catch (MusicTextException noKey) {
            try {
                return Chord.parse(text.strip()).pitchClasses();
            } catch (MusicTextException noChord) {
                throw new MusicTextException(Texts.say("“%s” is no scale and no chord; write one as in E minor pentatonic or Em7", text.strip()));
            }
        }
    }

    /** Its notes from a tick on, each up to the next line of its note value. */
    public List<Note> at(long tick, TimeMap time, int channel, int velocity) {
        GridLines lines = new GridLines(time, value);
        List<Note> notes = new ArrayList<>();
        long at = tick;
        for (int pitch = from; notes.size() < count && Range.PITCH.contains(pitch); pitch += up ? 1 : -1) {
            if (of.containsPitch(pitch)) {
                long next = lines.after(at);
                notes.add(new Note(0, at, next - at, pitch, velocity, channel, Note.USUAL_RELEASE));
                at = next;
            }
        }
        return notes;
    }
}
