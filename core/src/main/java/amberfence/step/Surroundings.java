package amberfence.step;

import amberfence.notes.ChordBank;
import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.SoundingChords;
import amberfence.theory.Key;
import java.util.Map;

/**
 * The song around a line while a step is applied.
 *
 * @param fence what is inside at any tick
 * @param role what the part does
 * @param chords what the progression or, without one, other parts sound
 * @param progression the chords of the song
 * @param others the other parts of the song
 * @param bank the chords on single keys; empty while there are none
 * @param channel the MIDI channel of the part, 0–15
 * @param slot identity of the step's place in its part's list; 0 for a step that is done once
 * @param picked the notes that the step may change; the others are there to be looked at
 * @param left notes among the picked that stay as they are, decided by hand
 * @param resolved ways out chosen by hand, by the identity of the note: names of fixes that the step offered
 * @param read the part's notes as they were read from a file
 */
public record Surroundings(FenceLine fence, TimeMap time, Role role, SoundingChords chords, Progression progression, OtherParts others,
                      ChordBank bank, int channel, long slot, NoteSet picked, NoteSet left,
                      Map<Long, String> resolved, ReadNotes read) {
    /** The surroundings of a step that may change every note. */
    public static Surroundings of(FenceLine fence, TimeMap time, Role role, SoundingChords chords) {
        return new Surroundings(fence, time, role, chords, Progression.EMPTY, OtherParts.NONE, ChordBank.EMPTY, 0, 0, NoteSet.ALL, NoteSet.NONE, Map.of(), ReadNotes.NONE);
    }

    public Surroundings withNotes(NoteSet newPicked, NoteSet newLeft) {
        return new Surroundings(fence, time, role, chords, progression, others, bank, channel, slot, newPicked, newLeft, resolved, read);
    }

    /** The surroundings of the step in one place of the list, with what was decided there. */
    public Surroundings in(StepSlot place, NoteSet newPicked) {
        return new Surroundings(fence, time, place.meant() && isDrums() ? Role.FIGURE : role, chords, progression, others, bank, channel, place.id(), newPicked,
                place.left(), place.resolved(), read);
    }

    public Surroundings withRole(Role newRole) {
        return new Surroundings(fence, time, newRole, chords, progression, others, bank, channel, slot, picked, left, resolved, read);
    }

    /** The same with other chords in the progression. */
    public Surroundings withProgression(Progression newProgression) {
        return new Surroundings(fence, time, role, chords, newProgression, others, bank, channel, slot, picked, left, resolved, read);
    }

    /** The same with one key from beginning to end. */
    public Surroundings withKey(Key key) {
        return new Surroundings(Fence.of(KeyPlan.of(key)).along(time), time, role, chords, progression, others, bank, channel, slot, picked, left, resolved, read);
    }

    /** Whether the step may change a note. */
    public boolean isFree(Note note) {
        return isFree(note.id());
    }

    /** Whether the step may change the note of an identity. */
    public boolean isFree(long id) {
        return picked.contains(id) && !left.contains(id);
    }

    public boolean isDrums() {
        return role == Role.DRUMS;
    }
}
