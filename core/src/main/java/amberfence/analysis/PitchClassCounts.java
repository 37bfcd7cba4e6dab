package amberfence.analysis;

import amberfence.notes.KeyPlan;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.List;

/** How many notes of the pitched parts stand on each pitch class during one key span. */
public final class PitchClassCounts {
    private final int[] counts = new int[PitchClass.COUNT];

    private PitchClassCounts() {
    }

    /** Counts for every key span of a song, in order. */
    public static List<PitchClassCounts> bySpan(Song song) {
        KeyPlan keys = song.fence().keys();
        List<PitchClassCounts> all = new ArrayList<>();
        long[] starts = keys.spans().stream().mapToLong(span -> song.time().barStart(span.fromBar())).toArray();
        keys.spans().forEach(span -> all.add(new PitchClassCounts()));
        for (Part part : song.parts()) {
            if (!part.isDrums()) {
                int span = 0;
                for (Note note : part.line().notes()) {
                    while (span + 1 < starts.length && starts[span + 1] <= note.start()) {
                        span++;
                    }
                    all.get(span).counts[note.pitch() % PitchClass.COUNT]++;
                }
            }
        }
        return all;
    }

    public int of(PitchClass pitchClass) {
        return counts[pitchClass.number()];
    }

    public int total() {
        return outside(PitchClassSet.EMPTY);
    }

    /** How many notes are not in a set. */
    public int outside(PitchClassSet inside) {
        int outside = 0;
        for (int i = 0; i < counts.length; i++) {
            outside += inside.containsPitch(i) ? 0 : counts[i];
        }
        return outside;
    }
}
