package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.NoteArrays;
import java.util.Arrays;
import java.util.List;

/**
 * Tells which note of a line leads to which: notes that begin together belong to different voices, and each voice goes
 * on to the nearest note without crossing another. A voice that still sounds well into a new note does not lead to it;
 * the overlap of a few ticks in legato playing does not count. Nor need notes begin at the same tick to begin together: a hand
 * strikes a chord within some hundredths of a second.
 */
public final class VoiceSplitter {
    private static final int NO_NOTE = -1;
    private static final int MOST_VOICES = 16;
    /** Above any leap within MIDI, so that a free voice is always preferred to a new one. */
    private static final int NEW_VOICE = 200;
    private static final int BUSY = 1000;
    /** What begins within this share of the shortest of some notes begins with them; a note that leads on comes later. */
    private static final int SHARE_OF_THE_SHORTEST = 4;

    private final NoteArrays notes;
    private final int[] previous;
    /** The last note of each voice, by pitch from low to high. */
    private int[] voices = new int[MOST_VOICES + 1];
    private int known;
    /** The notes that begin together, by pitch from low to high. */
    private int[] struck = new int[MOST_VOICES];

    private VoiceSplitter(NoteArrays notes) {
        this.notes = notes;
        this.previous = new int[notes.size()];
    }

    /** For each note of a line in order, the index of the note before it in its voice, or −1 for the first. */
    public static int[] previous(List<Note> notes) {
        return previous(NoteArrays.of(notes));
    }

    /** The same, where somebody has the arrays. */
    public static int[] previous(NoteArrays notes) {
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
            int to = endOfStroke(from);
            if (to - from == 1 && alone != NO_NOTE && !isBusy(alone, from)) {
                previous[from] = alone;
                alone = from;
            } else {
                if (alone != NO_NOTE) {
                    voices[0] = alone;
                }
                if (to - from == 1) {
                    assign(from);
                } else {
                    assign(from, to);
                }
                order(to - from);
                alone = known == 1 ? voices[0] : NO_NOTE;
            }
            from = to;
        }
        return previous;
    }

    /** Behind the last note that begins together with one. */
    private int endOfStroke(int from) {
        long shortest = length(from);
        int to = from + 1;
        while (to < notes.size()) {
            long later = notes.start(to) - notes.start(from);
            shortest = Math.min(shortest, length(to));
            if (later > shortest / SHARE_OF_THE_SHORTEST) {
                break;
            }
            to++;
        }
        return to;
    }

    private boolean isBusy(int voiceNote, int note) {
        long overlap = notes.end(voiceNote) - notes.start(note);
        return 2 * overlap > Math.min(length(voiceNote), length(note));
    }

    private long length(int note) {
        return notes.end(note) - notes.start(note);
    }

    private int cost(int voiceNote, int note) {
        return Math.abs(notes.pitch(voiceNote) - notes.pitch(note)) + (isBusy(voiceNote, note) ? BUSY : 0);
    }

    /** Leads the cheapest voice to the only note of a moment. */
    private void assign(int note) {
        int cheapest = NEW_VOICE;
        int voice = NO_NOTE;
        for (int v = 0; v < known; v++) {
            int cost = cost(voices[v], note);
            if (cost < cheapest) {
                cheapest = cost;
                voice = v;
            }
        }
        if (voice == NO_NOTE) {
            begin(note);
        } else {
            lead(voice, note);
        }
    }

    /** The cheapest way to lead voices to the notes of one moment, both from low to high, by dynamic programming. */
    private void assign(int from, int to) {
        int count = to - from;
        if (struck.length < count) {
            struck = new int[2 * count];
        }
        for (int i = 0; i < count; i++) {
            struck[i] = from + i;
        }
        sort(struck, count);
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
                    choose(best, move, n, v, best[n - 1][v - 1] + cost(voices[v - 1], struck[n - 1]), 3);
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
                begin(struck[--n]);
            } else {
                lead(--v, struck[--n]);
            }
        }
    }

    /** Puts the first of some notes in the order of their pitches. Most are in it: voices of which few moved, notes of one tick. */
    private void sort(int[] some, int count) {
        for (int i = 1; i < count; i++) {
            int note = some[i];
            int at = i;
            while (at > 0 && isAbove(some[at - 1], note)) {
                some[at] = some[at - 1];
                at--;
            }
            some[at] = note;
        }
    }

    private void begin(int note) {
        previous[note] = NO_NOTE;
        if (known == voices.length) {
            voices = Arrays.copyOf(voices, 2 * known);
        }
        voices[known++] = note;
    }

    private void lead(int voice, int note) {
        previous[note] = voices[voice];
        voices[voice] = note;
    }

    /**
     * Orders the voices by pitch, and forgets those that ended first where they are too many.
     *
     * @param count how many notes began together
     */
    private void order(int count) {
        sort(voices, known);
        while (known > Math.max(MOST_VOICES, count)) {
            int first = 0;
            for (int i = 1; i < known; i++) {
                first = notes.end(voices[i]) < notes.end(voices[first]) ? i : first;
            }
            System.arraycopy(voices, first + 1, voices, first, --known - first);
        }
    }

    private boolean isAbove(int note, int other) {
        int difference = notes.pitch(note) - notes.pitch(other);
        return difference > 0 || difference == 0 && note > other;
    }

    private static void choose(int[][] best, int[][] move, int n, int v, int cost, int taken) {
        if (cost < best[n][v]) {
            best[n][v] = cost;
            move[n][v] = taken;
        }
    }
}
