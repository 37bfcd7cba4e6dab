package amberfence.reading;

import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.theory.PitchClassSet;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;

/** Which pitch classes the chord parts of a song sound at any tick. */
public final class SoundingChords {
    public static final SoundingChords NONE = new SoundingChords(new TreeMap<>());
    /** Where something else sounds, and what; looked through much faster than a map. */
    private final long[] starts;
    private final PitchClassSet[] sounding;

    private SoundingChords(TreeMap<Long, PitchClassSet> from) {
        starts = from.keySet().stream().mapToLong(Long::longValue).toArray();
        sounding = from.values().toArray(PitchClassSet[]::new);
    }

    /** What the chords of a progression sound. */
    public static SoundingChords of(Progression progression) {
        TreeMap<Long, PitchClassSet> from = new TreeMap<>();
        for (ChordSpan span : progression.spans()) {
            from.put(span.start(), span.chord().pitchClasses());
            from.put(span.end(), PitchClassSet.EMPTY);
        }
        return new SoundingChords(from);
    }

    /** What some notes sound together. */
    public static SoundingChords of(List<Note> notes) {
        TreeMap<Long, int[]> counts = new TreeMap<>();
        for (Note note : notes) {
            counts.computeIfAbsent(note.start(), tick -> new int[12])[note.pitch() % 12]++;
            counts.computeIfAbsent(note.end(), tick -> new int[12])[note.pitch() % 12]--;
        }
        TreeMap<Long, PitchClassSet> from = new TreeMap<>();
        int[] sounding = new int[12];
        counts.forEach((tick, change) -> {
            int bits = 0;
            for (int i = 0; i < 12; i++) {
                sounding[i] += change[i];
                bits |= sounding[i] > 0 ? 1 << i : 0;
            }
            from.put(tick, new PitchClassSet(bits));
        });
        return new SoundingChords(from);
    }

    public boolean isEmpty() {
        return starts.length == 0;
    }

    /** The pitch classes that sound at a tick, none between chords. */
    public PitchClassSet at(long tick) {
        int found = Arrays.binarySearch(starts, tick);
        int place = found < 0 ? -found - 2 : found;
        return place < 0 ? PitchClassSet.EMPTY : sounding[place];
    }
}
