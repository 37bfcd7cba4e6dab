package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * The bass below chords that are struck without it, or over its steps. Where it walks it goes from note to note between strong
 * beats while the chords stay what they are: such notes lead on and belong to no chord (common practice, no source).
 */
final class BassBelow {
    /** So many strokes on either side are looked at. */
    private static final int STROKES = 4;
    /** A bass lies so many semitones below what is struck with it, at least. */
    private static final int APART = 3;
    /** The longest way from one step to the next, in semitones: a sixth. */
    private static final int WAY = 9;
    /** A step sounds for so much of the way to the next one, at least. */
    private static final double SOUNDS = 0.6;

    /** What is struck together, in time. */
    final List<List<Note>> strokes;
    /** Which notes, by their index in time, are steps of a bass that walks. */
    final BitSet steps = new BitSet();
    /** The index of the cell in which each stroke begins. */
    final int[] cells;
    private final Note[] lowest;
    /** For each stroke the pitch classes above its lowest note, as bits, without that note's own: a bass may go in octaves. */
    private final int[] above;
    /** What is struck together, without the steps. */
    private final List<List<Note>> chords;
    private final TimeMap time;
    private final long near;

    BassBelow(ChordBeats beats, TimeMap time) {
        this.strokes = Strokes.of(beats.notes, time);
        this.time = time;
        this.near = beats.near;
        this.lowest = new Note[strokes.size()];
        this.above = new int[strokes.size()];
        this.cells = new int[strokes.size()];
        this.chords = new ArrayList<>(strokes);
        int cell = 0;
        for (int i = 0; i < lowest.length; i++) {
            Note low = strokes.get(i).get(0);
            for (Note note : strokes.get(i)) {
                low = note.pitch() < low.pitch() ? note : low;
            }
            for (Note note : strokes.get(i)) {
                above[i] |= isOf(low, note) ? 0 : 1 << note.pitch() % PitchClass.COUNT;
            }
            lowest[i] = low;
            while (cell + 1 < beats.metric.length && beats.lines[cell + 1] <= start(i)) {
                cell++;
            }
            cells[i] = cell;
        }
        findSteps(beats);
    }

    private void findSteps(ChordBeats beats) {
        int index = 0;
        for (int i = 0; i < lowest.length; i++) {
            boolean strong = beats.metric[cells[i]] > 0 && beats.lines[cells[i]] == start(i);
            if (!strong && walks(i)) {
                boolean octaves = goesInOctaves(i);
                List<Note> chord = new ArrayList<>();
                for (int n = 0; n < strokes.get(i).size(); n++) {
                    Note note = strokes.get(i).get(n);
                    if (note.equals(lowest[i]) || octaves && isOf(lowest[i], note)) {
                        steps.set(index + n);
                    } else {
                        chord.add(note);
                    }
                }
                chords.set(i, chord);
            }
            index += strokes.get(i).size();
        }
    }

    private long start(int stroke) {
        return strokes.get(stroke).get(0).start();
    }

    /** Whether a note is the lowest one of its stroke, or its octave. */
    private static boolean isOf(Note lowest, Note note) {
        return note.pitch() == lowest.pitch() || note.pitch() == lowest.pitch() + PitchClass.COUNT;
    }

    /** Whether the bass before or behind a stroke is struck alone, in octaves. */
    private boolean goesInOctaves(int stroke) {
        boolean octaves = false;
        for (int i = first(stroke); i <= last(stroke); i++) {
            octaves |= above[i] == 0 && strokes.get(i).size() > 1 && isNext(i, stroke);
        }
        return octaves;
    }

    /** Whether the bass of one stroke leads to that of another, or goes on from it. */
    private boolean isNext(int other, int stroke) {
        return other < stroke ? follows(lowest[other], lowest[stroke]) : follows(lowest[stroke], lowest[other]);
    }

    private int first(int stroke) {
        return Math.max(0, stroke - STROKES);
    }

    private int last(int stroke) {
        return Math.min(strokes.size() - 1, stroke + STROKES);
    }

    /** What is struck in a stroke, without the step of a bass that walks. */
    List<Note> chord(int stroke) {
        return chords.get(stroke);
    }

    /** Whether a stroke has a bass that goes its own way: it walks below, or was struck alone before. */
    boolean isApart(int stroke) {
        return chords.get(stroke).size() < strokes.get(stroke).size() || isAfterBass(stroke);
    }

    /** Whether the lowest note of a stroke off the strong beats only leads on. */
    private boolean walks(int stroke) {
        boolean goesOn = false;
        boolean alone = above[stroke] == 0;
        for (int i = first(stroke); i <= last(stroke); i++) {
            if (isNext(i, stroke)) {
                goesOn = true;
                alone |= above[i] == 0;
            }
        }
        return goesOn && alone && liesBelow(stroke) && isUnderOneChord(stroke);
    }

    /** Whether a stroke comes after its bass, which was struck alone below it. */
    private boolean isAfterBass(int stroke) {
        for (int i = stroke - 1; above[stroke] != 0 && i >= first(stroke); i--) {
            if (above[i] == 0 && lowest[i].pitch() <= lowest[stroke].pitch() - APART) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether chords are struck above a bass, and what is struck with it is struck before or after it too; not with the same
     * lowest note, for then that belongs to the chord. (The bar before may be the same throughout: it is not looked at for this.)
     */
    private boolean isUnderOneChord(int stroke) {
        int chord = above[stroke];
        boolean chords = Integer.bitCount(chord) > 1;
        boolean stays = chord == 0;
        for (int i = first(stroke); i <= last(stroke); i++) {
            int others = i == stroke ? 0 : above[i];
            chords |= Integer.bitCount(others) > 1;
            boolean same = others != 0 && others == chord && lowest[i].pitch() == lowest[stroke].pitch();
            if (same && Math.abs(i - stroke) < STROKES) {
                return false;
            }
            stays |= others != 0 && ((others & chord) == others || (others & chord) == chord);
        }
        return chords && stays;
    }

    private boolean liesBelow(int stroke) {
        return strokes.get(stroke).stream().allMatch(note -> note.pitch() == lowest[stroke].pitch() || note.pitch() >= lowest[stroke].pitch() + APART);
    }

    /** Whether the second note goes on after the first, a beat later or more, on another pitch; a short rest between them does not matter. */
    private boolean follows(Note first, Note second) {
        int way = Math.abs(first.pitch() - second.pitch());
        long apart = second.start() - first.start();
        return way > 0 && way <= WAY && apart >= time.ticksPerQuarter() - near && first.length() <= apart + near && first.length() >= SOUNDS * apart;
    }
}
