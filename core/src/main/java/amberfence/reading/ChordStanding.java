package amberfence.reading;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import java.util.ArrayList;
import java.util.List;

/** How a part stands to the chords, bar by bar. */
public final class ChordStanding {
    /**
     * The notes that begin in one bar.
     *
     * @param chord notes of the chord
     * @param scale inside, but none of the chord; where there is no chord all that is inside
     * @param outside neither
     * @param clashes how many of them all clash with the chord; see {@link Clashes}
     */
    public record Bar(int chord, int scale, int outside, int clashes) {
        public static final Bar EMPTY = new Bar(0, 0, 0, 0);

        public int notes() {
            return chord + scale + outside;
        }
    }

    private ChordStanding() {
    }

    /** One entry for each bar of the song, the first bar first. */
    public static List<Bar> of(Line line, RulingChords ruling, FenceLine fence, TimeMap time, int bars) {
        return of(line, ruling, fence, time, bars, 1);
    }

    /**
     * One entry for so many bars each, the first first.
     *
     * @param entries how many there are
     * @param together how many bars make one entry
     */
    public static List<Bar> of(Line line, RulingChords ruling, FenceLine fence, TimeMap time, int entries, int together) {
        int[][] counts = new int[Math.max(0, entries)][4];
        for (Note note : line.notes()) {
            int bar = (time.barOf(note.start()) - 1) / together;
            if (bar < counts.length) {
                int chord = ruling.over(note);
                boolean isChordNote = chord != RulingChords.NONE && ruling.notes(chord).containsPitch(note.pitch());
                counts[bar][isChordNote ? 0 : fence.isInside(note) ? 1 : 2]++;
                counts[bar][3] += Clashes.of(note, ruling, time).isPresent() ? 1 : 0;
            }
        }
        List<Bar> standing = new ArrayList<>();
        for (int[] count : counts) {
            standing.add(new Bar(count[0], count[1], count[2], count[3]));
        }
        return standing;
    }
}
