package amberfence.step.draw;

import amberfence.notes.Note;
import amberfence.step.Work;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Divides chords into lines by least motion, over the whole part: the sum of semitones between successive notes of each line
 * is the least that there is, no line crosses another within a chord, and a line remembers its last note through rests. Equal:
 * the upper line takes the note. A line whose note sounds on by more than half of the shorter takes no new one while another
 * is free. It is exact as long as there are not too many ways that could still become the best; in very long parts of mostly
 * single notes the cheapest of them are followed.
 */
final class VoiceLines {
    /** So many ways are followed over the whole part, shared among its chords. */
    private static final int BUDGET = 300_000;
    private static final int LEAST_WAYS = 8;
    private static final int MOST_WAYS = 4_000;
    /** More than all motion of the longest part. */
    private static final long BUSY = 1L << 40;
    private static final int NONE = -1;

    /** A way so far: the last note of each line, and how the notes of the last chord were given out. */
    private record Way(int[] last, long cost, Way before, int[] given, int order) {
    }

    private final Work work;
    private final int lines;
    private final List<Note> notes = new ArrayList<>();
    private final Map<Integer, List<int[]>> choices = new HashMap<>();
    /** How far apart two pitches can be. */
    private int span;

    private VoiceLines(int lines, Work work) {
        this.lines = lines;
        this.work = work;
    }

    /**
     * For each chord the note of each line from the top, or null.
     *
     * @param groups the notes of each chord, from high to low, not more than there are lines
     */
    static List<Note[]> divide(List<List<Note>> groups, int lines, Work work) {
        return new VoiceLines(lines, work).divided(groups);
    }

    private List<Note[]> divided(List<List<Note>> groups) {
        int lowest = groups.stream().flatMap(List::stream).mapToInt(Note::pitch).min().orElse(0);
        span = groups.stream().flatMap(List::stream).mapToInt(Note::pitch).max().orElse(0) - lowest;
        int most = Math.max(LEAST_WAYS, Math.min(MOST_WAYS, BUDGET / Math.max(1, groups.size())));
        int[] nothing = new int[lines];
        Arrays.fill(nothing, NONE);
        Collection<Way> ways = List.of(new Way(nothing, 0, null, new int[0], 0));
        for (List<Note> group : groups) {
            ways = cheapest(further(ways, group), most);
        }
        Way best = ways.stream().min(Comparator.comparingLong(Way::cost).thenComparingInt(Way::order)).orElseThrow();
        List<Note[]> divided = new ArrayList<>();
        for (int i = groups.size() - 1; i >= 0; i--) {
            Note[] row = new Note[lines];
            for (int n = 0; n < best.given.length; n++) {
                row[best.given[n]] = groups.get(i).get(n);
            }
            divided.add(0, row);
            best = best.before;
        }
        return divided;
    }

    private Collection<Way> further(Collection<Way> ways, List<Note> group) {
        int first = notes.size();
        notes.addAll(group);
        Map<IntBuffer, Way> found = new HashMap<>();
        int order = 0;
        for (Way way : ways) {
            for (int[] given : choices.computeIfAbsent(group.size(), this::choices)) {
                work.turn();
                int[] last = way.last.clone();
                long cost = way.cost;
                for (int n = 0; n < given.length; n++) {
                    cost += cost(last[given[n]], group.get(n));
                    last[given[n]] = first + n;
                }
                Way next = new Way(last, cost, way, given, order++);
                found.merge(key(last, group.get(0).start()), next, (old, young) -> young.cost < old.cost ? young : old);
            }
        }
        return found.values();
    }

    private long cost(int last, Note note) {
        if (last == NONE) {
            return 0;
        }
        Note before = notes.get(last);
        boolean busy = 2 * (before.end() - note.start()) > Math.min(before.length(), note.length());
        return Math.abs(before.pitch() - note.pitch()) + (busy ? BUSY : 0);
    }

    /** Two ways are alike when their lines stand at the same pitches, and the notes that still sound are the same. */
    private IntBuffer key(int[] last, long now) {
        int[] key = new int[2 * lines];
        for (int i = 0; i < lines; i++) {
            Note note = last[i] == NONE ? null : notes.get(last[i]);
            key[i] = note == null ? NONE : note.pitch();
            key[lines + i] = note != null && note.end() > now ? last[i] : NONE;
        }
        return IntBuffer.wrap(key);
    }

    /** Without those that can never become better than the best so far, and at most so many; in the order in which the upper lines were preferred. */
    private List<Way> cheapest(Collection<Way> ways, int most) {
        Way best = ways.stream().min(Comparator.comparingLong(Way::cost).thenComparingInt(Way::order)).orElseThrow();
        List<Way> left = new ArrayList<>(ways.stream().filter(way -> way == best || way.cost <= best.cost + distance(way, best)).toList());
        if (left.size() > most) {
            left.sort(Comparator.comparingLong(Way::cost).thenComparingInt(Way::order));
            left.subList(most, left.size()).clear();
        }
        left.sort(Comparator.comparingInt(Way::order));
        return left;
    }

    /** By how much a way may still catch up: each line by what lies between, or what it may save by having been free. */
    private long distance(Way way, Way best) {
        long distance = 0;
        for (int i = 0; i < lines; i++) {
            if (way.last[i] != best.last[i]) {
                distance += way.last[i] == NONE || best.last[i] == NONE ? span
                        : Math.abs(notes.get(way.last[i]).pitch() - notes.get(best.last[i]).pitch());
                // What still sounds in one of them may cost the other a place.
                distance += notes.get(Math.max(way.last[i], best.last[i])).end() > notes.get(notes.size() - 1).start() ? BUSY : 0;
            }
        }
        return distance;
    }

    /** The ways to give so many notes to the lines without crossing, those first that take the upper lines. */
    private List<int[]> choices(int count) {
        List<int[]> found = new ArrayList<>();
        choose(new int[count], 0, 0, found);
        return found;
    }

    private void choose(int[] given, int at, int from, List<int[]> found) {
        if (at == given.length) {
            found.add(given.clone());
            return;
        }
        for (int line = from; line <= lines - (given.length - at); line++) {
            given[at] = line;
            choose(given, at + 1, line + 1, found);
        }
    }
}
