package amberfence.notes;

import amberfence.theory.Key;
import amberfence.theory.KeyLadder;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import amberfence.theory.Spelling;
import java.util.Arrays;
import java.util.List;

/** The fence by tick: which pitch classes are inside, and in which key, at any moment; and which notes are allowed. */
public final class FenceLine {
    private final long[] starts;
    private final PitchClassSet[] inside;
    /** Those of the key alone, without what is always allowed. */
    private final PitchClassSet[] scales;
    private final KeyPlan keys;
    private final List<Spelling> spellings;
    private final NoteSet allowedNotes;

    FenceLine(long[] starts, PitchClassSet[] inside, KeyPlan keys, NoteSet allowedNotes) {
        this.starts = starts;
        this.inside = inside;
        this.keys = keys;
        this.allowedNotes = allowedNotes;
        this.scales = keys.spans().stream().map(span -> span.key().pitchClasses()).toArray(PitchClassSet[]::new);
        this.spellings = keys.spans().stream().map(span -> span.key().spelling()).toList();
    }

    private FenceLine(FenceLine same, List<Spelling> spellings) {
        this.starts = same.starts;
        this.inside = same.inside;
        this.scales = same.scales;
        this.keys = same.keys;
        this.allowedNotes = same.allowedNotes;
        this.spellings = spellings;
    }

    /** The same with octaves numbered so that middle C is in another one. */
    public FenceLine withMiddleC(int octave) {
        return new FenceLine(this, spellings.stream().map(spelling -> spelling.withMiddleC(octave)).toList());
    }

    private int span(long tick) {
        if (starts.length == 1) {
            return 0;
        }
        int found = Arrays.binarySearch(starts, tick);
        return found < 0 ? Math.max(0, -found - 2) : found;
    }

    public PitchClassSet at(long tick) {
        return inside[span(tick)];
    }

    public Key keyAt(long tick) {
        return keys.spans().get(span(tick)).key();
    }

    /** How notes are named and numbered at a tick. */
    public Spelling spellingAt(long tick) {
        return spellings.get(span(tick));
    }

    /** Whether a note is in the scale of its key, whatever else is allowed. */
    public boolean isInScale(Note note) {
        return scales[span(note.start())].containsPitch(note.pitch());
    }

    public boolean isInside(Note note) {
        return isInside(note.start(), note.pitch(), note.id());
    }

    private boolean isInside(long tick, int pitch, long id) {
        return at(tick).containsPitch(pitch) || isAllowedByHand(id);
    }

    /** Whether a note is allowed by hand. */
    public boolean isAllowedByHand(Note note) {
        return isAllowedByHand(note.id());
    }

    /** Whether the note of an identity is allowed by hand. */
    public boolean isAllowedByHand(long id) {
        return allowedNotes.contains(id);
    }

    /** How many degrees of the key at a note lie between it and another pitch, upward positive. */
    public int degreesBetween(Note note, int pitch) {
        KeyLadder ladder = KeyLadder.of(keyAt(note.start()));
        return ladder.place(pitch).rung() - ladder.place(note.pitch()).rung();
    }

    /** The inside pitch nearest to one; of two equally near the upper or the lower. The pitch itself where none is inside. */
    public int nearestInside(long tick, int pitch, boolean upper) {
        PitchClassSet here = at(tick);
        for (int distance = 0; distance < PitchClass.COUNT; distance++) {
            int first = upper ? pitch + distance : pitch - distance;
            int second = upper ? pitch - distance : pitch + distance;
            for (int candidate : new int[] {first, second}) {
                if (Range.PITCH.contains(candidate) && here.containsPitch(candidate)) {
                    return candidate;
                }
            }
        }
        return pitch;
    }

    /** How many notes of a line are outside. */
    public int countOutside(Line line) {
        return countOutside(line, 0, line.size());
    }

    /** How many notes of a line are outside, told from how many of another were that shares most of its notes. */
    public int countOutside(Line line, Line before, int outsideBefore) {
        SharedEnds same = line.sharedWith(before);
        return outsideBefore - countOutside(before, same.first(), before.size() - same.last())
                + countOutside(line, same.first(), line.size() - same.last());
    }

    private int countOutside(Line line, int from, int to) {
        int count = 0;
        NoteColumns notes = line.columns();
        for (int i = from; i < to; i++) {
            count += isInside(notes.start(i), notes.pitch(i), notes.id(i)) ? 0 : 1;
        }
        return count;
    }
}
