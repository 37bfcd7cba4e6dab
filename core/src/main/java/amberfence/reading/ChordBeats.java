package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;

/**
 * The main beats of what sounds. A beat begins where something is struck for it: up to an eighth early when a chord is
 * pushed, later when its first stroke comes late.
 */
final class ChordBeats {
    /** So many beats a chord that was cut short holds on in silence. */
    static final int HOLDS = 16;
    /** Beyond so many beats a song is looked at only where something happens in it. */
    private static final long MOST_BEATS = 100_000;
    /** What is nearer to a beat than this share of a quarter was meant on it. */
    private static final int NEAR = 12;
    /** Within so many beats the end of a note is looked for one by one. */
    private static final int SOON = 8;

    /** The notes as they were meant: what begins or ends near a beat does so on it. */
    final List<Note> notes;
    /** Where cells begin; one more than there are cells, the last is the end. */
    final long[] lines;
    /** Whether a chord can begin in a cell: something is struck. */
    final boolean[] begins;
    /** How much weight the metre gives to a cell: 2 for a beginning of a bar, 1 for its middle, 0 for other beats. */
    final int[] metric;
    /** How many ticks are near. */
    final long near;
    private final TimeMap time;

    ChordBeats(List<Note> given, TimeMap time) {
        this.time = time;
        this.near = Math.max(1, time.ticksPerQuarter() / NEAR);
        long[] beats = beats(given);
        this.notes = snapped(given, beats);
        this.begins = new boolean[beats.length - 1];
        this.lines = lines(beats);
        this.metric = new int[beats.length - 1];
        long from = 0;
        long to = 0;
        for (int cell = 0; cell < metric.length; cell++) {
            if (beats[cell] >= to) {
                int bar = time.barOf(beats[cell]);
                from = time.barStart(bar);
                to = time.barStart(bar + 1);
            }
            metric[cell] = beats[cell] == from ? 2 : (beats[cell] - from) * 2 == to - from ? 1 : 0;
        }
    }

    /**
     * Main beats from the first note's to the one after the last note's end. Where nothing sounds for longer than a chord
     * holds on, and in songs longer than any, where nothing begins or ends, one stretch stands for all the beats.
     */
    private long[] beats(List<Note> given) {
        long end = given.stream().mapToLong(Note::end).max().orElseThrow();
        long first = given.get(0).start();
        boolean endless = (end - first) / time.pulseLength(first) > MOST_BEATS;
        TreeSet<Long> events = new TreeSet<>();
        for (Note note : endless ? given : List.<Note>of()) {
            events.add(note.start());
            events.add(note.end());
        }
        List<Long> found = new ArrayList<>();
        long at = time.barStart(time.barOf(first));
        int next = 0;
        long sounding = at;
        long quiet = at;
        // The last chord goes on to the end of its bar.
        long last = time.barOf(Math.max(first, end - near - 1)) + 1L;
        long until = last < Integer.MAX_VALUE && Range.TICK.contains(time.barStart((int) last)) ? Math.max(end - near, time.barStart((int) last)) : end;
        while (at < until) {
            found.add(at);
            while (next < given.size() && given.get(next).start() <= at) {
                sounding = Math.max(sounding, given.get(next++).end());
            }
            quiet = sounding > at ? at : quiet;
            at = time.nextPulse(at);
            boolean silent = next < given.size() && sounding <= quiet && (at - quiet) / time.pulseLength(quiet) > HOLDS + 1;
            Long event = endless ? events.higher(at) : null;
            long skip = silent ? given.get(next).start() : event == null ? at : event;
            if (skip > at && time.barStart(time.barOf(skip)) > at) {
                found.add(at);
                at = time.barStart(time.barOf(skip));
                quiet = at;
            }
        }
        found.add(at);
        return found.stream().mapToLong(Long::longValue).toArray();
    }

    private List<Note> snapped(List<Note> given, long[] beats) {
        List<Note> meant = new ArrayList<>(given.size());
        int at = 0;
        for (Note note : given) {
            while (at < beats.length - 1 && beats[at + 1] <= note.start()) {
                at++;
            }
            long start = nearest(note.start(), beats, at);
            long end = nearest(note.end(), beats, lastBeat(beats, at, note.end()));
            meant.add(end > start ? note.withStart(start).withLength(end - start) : note);
        }
        meant.sort(Note.IN_TIME);
        return meant;
    }

    /** The index of the last beat at a tick or before it: most notes end soon after they begin. */
    private static int lastBeat(long[] beats, int from, long tick) {
        int at = from;
        while (at < beats.length - 1 && at < from + SOON && beats[at + 1] <= tick) {
            at++;
        }
        if (at < from + SOON) {
            return at;
        }
        int found = Arrays.binarySearch(beats, tick);
        return found < 0 ? -found - 2 : found;
    }

    private long nearest(long tick, long[] beats, int at) {
        long after = beats[Math.min(at + 1, beats.length - 1)];
        return tick - beats[at] <= near ? beats[at] : after > tick && after - tick <= near ? after : tick;
    }

    /** Where each beat's notes begin. */
    private long[] lines(long[] beats) {
        long[] found = beats.clone();
        long eighth = time.ticksPerQuarter() / 2;
        int first = 0;
        for (int i = 0; i < beats.length - 1; i++) {
            while (first < notes.size() && notes.get(first).start() < beats[i] - eighth - near) {
                first++;
            }
            int early = 0;
            long earliest = beats[i];
            int on = 0;
            long late = Long.MAX_VALUE;
            for (int n = first; n < notes.size() && notes.get(n).start() < beats[i + 1]; n++) {
                Note note = notes.get(n);
                int bit = 1 << note.pitch() % PitchClass.COUNT;
                if (note.start() == beats[i]) {
                    on |= bit;
                } else if (note.start() > beats[i]) {
                    late = Math.min(late, note.start());
                    break;
                } else if (note.end() > beats[i] + near) {
                    early |= bit;
                    earliest = Math.min(earliest, note.start());
                }
            }
            boolean pushed = Integer.bitCount(early) >= 2 && Integer.bitCount(on) < Integer.bitCount(early) && (i == 0 || earliest > found[i - 1]);
            begins[i] = pushed || on != 0 || late != Long.MAX_VALUE;
            found[i] = pushed ? earliest : on == 0 && late != Long.MAX_VALUE ? late : beats[i];
        }
        return found;
    }
}
