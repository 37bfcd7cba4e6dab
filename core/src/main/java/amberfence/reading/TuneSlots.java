package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Tunes and basses from one strong beat to the next, with how much each of their notes weighs there: by length, by the beat that
 * it begins on, and by whether it only passes from one neighbour to the next.
 */
final class TuneSlots {
    /** A note weighs this much on a strong beat, on another main beat, and between. */
    private static final double STRONG = 1.5;
    private static final double BEAT = 1.1;
    private static final double BETWEEN = 0.8;
    /** So much is left of a note's weight when it is between beats and reached and left by step. */
    private static final double PASSING = 0.5;
    /** Into how many stretches a held note goes on weighing. */
    private static final int HELD = 8;
    /** In semitones. */
    private static final int STEP = 2;

    /** No bass. */
    static final int NONE = -1;

    /**
     * A stretch of time.
     *
     * @param start the tick at which it begins, a strong beat
     * @param end the tick of the next strong beat
     * @param beginsBar whether its beginning is that of a bar
     * @param weights of the twelve pitch classes
     * @param basses for how many ticks of its first main beat each of them is in the bass
     */
    record Slot(long start, long end, boolean beginsBar, double[] weights, long[] basses) {
        /** How many different notes sound. */
        int different() {
            int different = 0;
            for (double weight : weights) {
                different += weight > 0 ? 1 : 0;
            }
            return different;
        }

        /** The pitch class that is in the bass as it begins, or {@link #NONE}. */
        int bass() {
            int bass = NONE;
            for (int i = 0; i < basses.length; i++) {
                bass = basses[i] > 0 && (bass == NONE || basses[i] > basses[bass]) ? i : bass;
            }
            return bass;
        }
    }

    /** Takes what a note sounds of a slot, from one tick to another. */
    private interface Sounding {
        void in(Slot slot, long from, long to);
    }

    private final TimeMap time;
    private final TreeMap<Long, Slot> slots = new TreeMap<>();
    /** Where the first note begins. */
    private long first = Long.MAX_VALUE;

    private TuneSlots(TimeMap time) {
        this.time = time;
    }

    /** Where something sounds, in time. What lies before the first strong beat that is struck, is an upbeat and left out. */
    static List<Slot> of(List<Line> tunes, List<Line> basses, TimeMap time) {
        TuneSlots found = new TuneSlots(time);
        tunes.forEach(found::add);
        basses.forEach(found::add);
        for (Line bass : basses) {
            bass.notes().forEach(found::addBass);
        }
        List<Slot> all = new ArrayList<>(found.slots.values());
        return all.size() > 1 && found.isUpbeat(all.get(0)) ? all.subList(1, all.size()) : all;
    }

    private void add(Line line) {
        for (int i = 0; i < line.size(); i++) {
            first = Math.min(first, line.at(i).start());
            add(line.at(i), isPassing(line.notes(), i));
        }
    }

    private boolean isUpbeat(Slot slot) {
        return 2 * (first - slot.start) >= slot.end - slot.start;
    }

    private static boolean isPassing(List<Note> notes, int index) {
        return index > 0 && index + 1 < notes.size() && isStep(notes.get(index - 1), notes.get(index)) && isStep(notes.get(index), notes.get(index + 1));
    }

    /** Whether the one note is a step of a scale away from the other. */
    static boolean isStep(Note from, Note to) {
        int semitones = Math.abs(to.pitch() - from.pitch());
        return semitones > 0 && semitones <= STEP;
    }

    private void add(Note note, boolean passing) {
        BeatPlace place = BeatPlace.of(note.start(), time);
        double factor = place.isStrong() ? STRONG : place == BeatPlace.BEAT ? BEAT : passing ? BETWEEN * PASSING : BETWEEN;
        walk(note, (slot, from, to) -> slot.weights[note.pitch() % PitchClass.COUNT] += factor * (to - from) / time.ticksPerQuarter());
    }

    private void addBass(Note note) {
        walk(note, (slot, from, to) -> slot.basses[note.pitch() % PitchClass.COUNT] += Math.max(0, Math.min(to, time.nextPulse(slot.start)) - from));
    }

    private void walk(Note note, Sounding sounding) {
        long from = note.start();
        for (int i = 0; i < HELD && from < note.end(); i++) {
            Slot slot = at(from);
            long to = Math.min(note.end(), slot.end);
            sounding.in(slot, from, to);
            from = to;
        }
    }

    private Slot at(long tick) {
        Map.Entry<Long, Slot> before = slots.floorEntry(tick);
        if (before != null && tick < before.getValue().end) {
            return before.getValue();
        }
        long bar = time.barStart(time.barOf(tick));
        long start = bar;
        long end = nextStrong(bar);
        while (end <= tick) {
            start = end;
            end = nextStrong(end);
        }
        Slot slot = new Slot(start, end, start == bar, new double[PitchClass.COUNT], new long[PitchClass.COUNT]);
        slots.put(start, slot);
        return slot;
    }

    private long nextStrong(long tick) {
        long next = time.nextPulse(tick);
        while (!BeatPlace.of(next, time).isStrong()) {
            next = time.nextPulse(next);
        }
        return next;
    }
}
