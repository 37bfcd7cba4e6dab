package amberfence.reading;

import amberfence.song.Note;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Tells which note of a line leads to which: notes that begin together belong to different voices, and each voice goes
 * on to the nearest note without crossing another. A voice that still sounds well into a new note does not lead to it;
 * the overlap of a few ticks in legato playing does not count.
 */
public final class VoiceSplitter {
    private static final int NO_NOTE = -1;
    private static final int MOST_VOICES = 16;
    /** Above any leap within MIDI, so that a free voice is always preferred to a new one. */
    private static final int NEW_VOICE = 200;
    private static final int BUSY = 1000;

    private final List<Note> notes;
    private final int[] previous;
    /** The last note of each voice, by pitch from low to high. */
    private final List<Integer> voices = new ArrayList<>();

    private VoiceSplitter(List<Note> notes) {
        this.notes = notes;
        this.previous = new int[notes.size()];
    }

    /** For each note of a line in order, the index of the note before it in its voice, or −1 for the first. */
    public static int[] previous(List<Note> notes) {
        return new VoiceSplitter(notes).split();
    }

    /** For each note of a line in order, the index of the note after it in its voice, or −1 for the last. */
    public static int[] next(List<Note> notes) {
        return next(previous(notes));
    }

    /** The same of what {@link #previous} gave. */
    public static int[] next(int[] previous) {
        int[] next = new int[previous.length];
        Arrays.fill(next, NO_NOTE);
        for (int i = 0; i < previous.length; i++) {
            if (previous[i] >= 0) {
                next[previous[i]] = i;
            }
        }
        return next;
    }

    private int[] split() {
        int from = 0;
        // The last note of the only voice, while there is one.
        int alone = NO_NOTE;
        while (from < notes.size()) {
            int to = from + 1;
            while (to < notes.size() && notes.get(to).start() == notes.get(from).start()) {
                to++;
            }
            if (to - from == 1 && alone != NO_NOTE && !isBusy(alone, from)) {
                previous[from] = alone;
                alone = from;
            } else {
                if (alone != NO_NOTE) {
                    voices.set(0, alone);
                }
                assign(from, to);
                alone = voices.size() == 1 ? voices.get(0) : NO_NOTE;
            }
            from = to;
        }
        return previous;
    }

    private boolean isBusy(int voiceNote, int note) {
        Note last = notes.get(voiceNote);
        Note next = notes.get(note);
        long overlap = last.end() - next.start();
        return 2 * overlap > Math.min(last.length(), next.length());
    }

    private int cost(int voiceNote, int note) {
        return Math.abs(notes.get(voiceNote).pitch() - notes.get(note).pitch()) + (isBusy(voiceNote, note) ? BUSY : 0);
    }

    /** The cheapest way to lead voices to the notes of one moment, both from low to high, by dynamic programming. */
    private void assign(int from, int to) {
        int count = to - from;
        int known = voices.size();
        int[][] best = new int[count + 1][known + 1];
        int[][] move = new int[count + 1][known + 1];
        for (int n = 0; n <= count; n++) {
            for (int v = 0; v <= known; v++) {
                best[n][v] = n + v == 0 ? 0 : Integer.MAX_VALUE;
                if (v > 0) {
                    choose(best, move, n, v, best[n][v - 1], 1);
                }
                if (n > 0) {
                    choose(best, move, n, v, best[n - 1][v] + NEW_VOICE, 2);
                }
                if (n > 0 && v > 0) {
                    choose(best, move, n, v, best[n - 1][v - 1] + cost(voices.get(v - 1), from + n - 1), 3);
                }
            }
        }
        int n = count;
        int v = known;
        while (n > 0 || v > 0) {
            int taken = move[n][v];
            if (taken == 1) {
                v--;
            } else if (taken == 2) {
                previous[from + --n] = NO_NOTE;
                voices.add(from + n);
            } else {
                previous[from + --n] = voices.get(--v);
                voices.set(v, from + n);
            }
        }
        voices.sort(Comparator.comparingInt((Integer note) -> notes.get(note).pitch()).thenComparingInt(note -> note));
        while (voices.size() > Math.max(MOST_VOICES, count)) {
            voices.remove(voices.stream().min(Comparator.comparingLong(note -> notes.get(note).end())).orElseThrow());
        }
    }

    private static void choose(int[][] best, int[][] move, int n, int v, int cost, int taken) {
        if (cost < best[n][v]) {
            best[n][v] = cost;
            move[n][v] = taken;
        }
    }
}
