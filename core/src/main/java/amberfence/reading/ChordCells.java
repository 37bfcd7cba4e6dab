package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import java.util.List;

/** What sounds in every main beat, weighed as chords are read from it. */
final class ChordCells {
    /** What a note counts that moves over or under a chord that sounds: it is more of a tune than of the chord. */
    private static final double MOVING = 0.22;
    /** Pitch classes with less than this share of a beat are passing notes. */
    private static final double PASSING = 0.09;
    /** So many notes that are struck together are a chord with all that it is to have, even of two pitch classes. */
    private static final int FULL = 3;
    private static final int WELL_ABOVE = 5;
    private static final int STROKES_UNDER_A_TUNE = 4;
    private static final int STEP_OF_A_TUNE = 12;
    /** How much a beat tells in which one, two, or more pitch classes sound: a broken chord shows little of itself at once. */
    private static final double[] TELLS = {0, 0.25, 0.4, 0.5};

    final long[] lines;
    final double[][] weights;
    final StruckBlock[] blocks;
    /** The pitch classes of each cell that are more than passing notes, as bits. */
    final int[] strong;
    /** How much each cell tells. */
    final double[] telling;
    final boolean[] begins;
    final int[] metric;
    final ChordFigures figures;
    /** Whether a full chord is struck in a cell. */
    final boolean[] full;
    private final TimeMap time;
    private final long near;

    ChordCells(List<Note> given, TimeMap time, int longest) {
        this.time = time;
        ChordBeats beats = new ChordBeats(given, time);
        this.near = beats.near;
        this.lines = beats.lines;
        this.begins = beats.begins;
        this.metric = beats.metric;
        BassBelow bass = new BassBelow(beats, time);
        this.figures = new ChordFigures(beats, bass.steps, time, longest);
        int count = lines.length - 1;
        this.weights = new double[count][PitchClass.COUNT];
        this.blocks = new StruckBlock[count];
        this.strong = new int[count];
        this.telling = new double[count];
        this.full = new boolean[count];
        weigh(bass);
        holdOn();
        for (int cell = 0; cell < count; cell++) {
            double total = total(weights[cell]);
            strong[cell] = strong(weights[cell], total, PASSING);
            int sounding = 0;
            for (double weight : weights[cell]) {
                sounding += weight > 0 ? 1 : 0;
            }
            telling[cell] = blocks[cell] != null || full[cell] ? 1 : TELLS[Math.min(TELLS.length - 1, sounding)];
        }
    }

    int count() {
        return weights.length;
    }

    static double total(double[] weights) {
        double total = 0;
        for (double weight : weights) {
            total += weight;
        }
        return total;
    }

    /** The pitch classes that have at least a share of the whole, as bits. */
    static int strong(double[] sum, double total, double share) {
        int strong = 0;
        for (int i = 0; i < sum.length; i++) {
            strong |= sum[i] >= share * total && sum[i] > 0 ? 1 << i : 0;
        }
        return strong;
    }

    private void weigh(BassBelow bass) {
        int index = 0;
        StruckBlock sounding = null;
        List<List<Note>> strokes = bass.strokes;
        for (int i = 0; i < strokes.size(); i++) {
            List<Note> stroke = strokes.get(i);
            long start = stroke.get(0).start();
            int first = bass.cells[i];
            List<Note> chord = bass.chord(i);
            StruckBlock block = StruckBlock.of(chord, bass.isApart(i), time).orElse(null);
            boolean over = block == null && sounding != null && sounding.end() > start + near;
            double middle = block == null ? 0 : block.weight();
            for (Note note : stroke) {
                boolean isStep = bass.steps.get(index++);
                boolean moves = over || block == null && isTune(note, strokes, i) || block != null && !StruckBlock.belongs(note, middle);
                // A step in octaves counts no more than one note.
                weigh(note, first, isStep ? MOVING / (stroke.size() - chord.size()) : moves ? MOVING : 1);
            }
            full[first] |= chord.size() >= FULL;
            if (block != null) {
                blocks[first] = blocks[first] == null || block.standsFor(blocks[first]) ? block : blocks[first];
                sounding = block;
            }
        }
    }

    /** Whether a note lies well above what is struck with it or under it while it sounds, and goes on there, as a tune does over a broken chord. */
    private boolean isTune(Note note, List<List<Note>> strokes, int at) {
        boolean over = false;
        boolean goesOn = false;
        for (int i = Math.max(0, at - STROKES_UNDER_A_TUNE); i < strokes.size() && i <= at + STROKES_UNDER_A_TUNE && !goesOn; i++) {
            boolean before = i < at;
            goesOn = i != at && strokes.get(i).stream().anyMatch(other -> Math.abs(other.pitch() - note.pitch()) <= STEP_OF_A_TUNE
                    && Math.abs(before ? note.start() - other.end() : other.start() - note.end()) <= near);
        }
        for (int i = at; goesOn && i < strokes.size() && i <= at + STROKES_UNDER_A_TUNE && strokes.get(i).get(0).start() < note.end() - near; i++) {
            for (Note other : strokes.get(i)) {
                if (!other.equals(note) && other.pitch() > note.pitch() - WELL_ABOVE) {
                    return false;
                }
                over |= !other.equals(note);
            }
        }
        return over;
    }

    private void weigh(Note note, int first, double factor) {
        for (int cell = first; cell < count() && lines[cell] < note.end(); cell++) {
            double length = lines[cell + 1] - lines[cell];
            double overlap = Math.min(note.end(), lines[cell + 1]) - Math.max(note.start(), lines[cell]);
            if (overlap > 0) {
                // Short notes count for what they stand for: a staccato chord holds until the next one.
                weights[cell][note.pitch() % PitchClass.COUNT] += factor * Math.sqrt(overlap / length) * (0.6 + 0.4 * note.velocity() / 127);
            }
        }
    }

    /** Staccato: where nothing sounds, the chord that was struck last holds. */
    private void holdOn() {
        int held = 0;
        for (int cell = 1; cell < count(); cell++) {
            boolean empty = total(weights[cell]) == 0;
            held = empty ? held + 1 : 0;
            if (empty && held <= ChordBeats.HOLDS) {
                weights[cell] = weights[cell - 1];
            }
        }
    }
}
