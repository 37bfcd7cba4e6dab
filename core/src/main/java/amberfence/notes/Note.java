package amberfence.notes;

import amberfence.theory.Range;
import java.util.Comparator;

/**
 * One note. Its identity stays the same through every edit, so that decisions about it and pointers to it survive.
 *
 * @param id identity, see {@link NoteIdentity}: unique in a song, above 0; below 0 for a note that a step made
 * @param start in ticks, 0 or later
 * @param length in ticks, at least 1
 * @param pitch MIDI note number 0–127, middle C = 60
 * @param velocity 1–127
 * @param channel 0–15 (9 is percussion)
 * @param release velocity of the note-off, 0–127
 */
public record Note(long id, long start, long length, int pitch, int velocity, int channel, int release) {
    /** The release velocity to assume where a file gives none (MIDI 1.0 Detailed Specification, from memory). */
    public static final int USUAL_RELEASE = 64;
    /** By start, then pitch, then identity. */
    public static final Comparator<Note> IN_TIME = Note::compareInTime;

    public Note {
        Range.TICK.check(start);
        Range.LENGTH.check(length);
        Range.PITCH.check(pitch);
        Range.VELOCITY.check(velocity);
        Range.CHANNEL.check(channel);
        Range.RELEASE.check(release);
    }

    /** As every record compares; written out, since it is asked for each note of a song, and compiled sooner so. */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Note note && id == note.id && start == note.start && length == note.length && pitch == note.pitch
                && velocity == note.velocity && channel == note.channel && release == note.release;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(id) * 31 * 31 + Long.hashCode(start) * 31 + pitch;
    }

    /** The first tick at which the note no longer sounds. */
    public long end() {
        return start + length;
    }

    public boolean isSoundingAt(long tick) {
        return start <= tick && tick < end();
    }

    public Note withPitch(int newPitch) {
        return newPitch == pitch ? this : new Note(id, start, length, newPitch, velocity, channel, release);
    }

    public Note withStart(long newStart) {
        return newStart == start ? this : new Note(id, newStart, length, pitch, velocity, channel, release);
    }

    public Note withLength(long newLength) {
        return newLength == length ? this : new Note(id, start, newLength, pitch, velocity, channel, release);
    }

    public Note withVelocity(int newVelocity) {
        return newVelocity == velocity ? this : new Note(id, start, length, pitch, newVelocity, channel, release);
    }

    public Note withChannel(int newChannel) {
        return newChannel == channel ? this : new Note(id, start, length, pitch, velocity, newChannel, release);
    }

    public Note withId(long newId) {
        return new Note(newId, start, length, pitch, velocity, channel, release);
    }

    /** Whether both sound at some tick. */
    public boolean overlaps(Note other) {
        return start < other.end() && other.start < end();
    }

    /** As {@link #IN_TIME}, for lines, which compare each note with the next again and again. */
    static int compareInTime(Note a, Note b) {
        if (a.start != b.start) {
            return Long.compare(a.start, b.start);
        }
        return a.pitch != b.pitch ? Integer.compare(a.pitch, b.pitch) : Long.compare(a.id, b.id);
    }
}
