package amberfence.reading;

import amberfence.song.FenceLine;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.song.TimeMap;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.ChordKinds;
import amberfence.theory.ChordNames;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Reads chords over time out of the notes of one or several lines. What sounds is weighed by length and loudness in every
 * main beat; the stretches in which one chord holds are found exactly, by the cheapest way to divide the beats, so that
 * broken chords, staccato and held notes give the same reading as blocks. The lowest note is taken for the bass.
 *
 * <p>The chords that are tried in dividing are the plain triads and sevenths; each stretch is then named by all its notes.
 * Own method, after template matching as in Pardo and Birmingham, Computer Music Journal 26 (2002), from memory.
 */
public final class ChordReader {
    /** A longer stretch is put together from shorter ones of the same chord. */
    private static final int LONGEST = 8;
    /** What a change of chord costs, in beats of a full chord. */
    private static final double CHANGE = 0.42;
    private static final double STRANGER = 1.1;
    private static final double MISSING = 0.22;
    private static final double MISSING_FIFTH = 0.08;
    private static final double BASS_IS_ROOT = 0.12;
    /** Of two chords alike in all else the plainer one, earlier in the list, is read. */
    private static final double PLAINER = 0.004;
    /** For each beat in which a member does not sound: the root, the fifth, any other. */
    private static final double[] SILENT = {0.2, 0.05, 0.12};
    /** For each beat whose lowest note is not that of the whole stretch. */
    private static final double OTHER_BASS = 0.15;
    /** How much a beat tells in which one, two, or more pitch classes sound: a broken chord shows little of itself at once. */
    private static final double[] TELLS = {0, 0.25, 0.6, 1};
    /** So many beats a chord that was cut short holds on in silence. */
    private static final int HOLDS = 16;
    /** Beyond so many beats a song is looked at only where something happens in it. */
    private static final long MOST_BEATS = 100_000;
    /** Pitch classes with less than this share of a stretch are passing notes. */
    private static final double PASSING = 0.09;
    /** Kinds up to here, in the order of the table, are plain enough to be believed when all their notes sound. */
    private static final int USUAL_KINDS = 40;
    private static final String[] TEMPLATES = {"", "m", "7", "maj7", "m7", "ø7", "°7", "°", "+", "sus4", "m(maj7)", "6", "m6"};

    /** What a stretch is named by. */
    private record Sounding(PitchClassSet notes, PitchClass lowest, Spelling spelling) {
    }

    private final List<Note> notes;
    private final TimeMap time;
    private final FenceLine fence;
    private final long[] cells;
    private final double[][] weights;
    private final int[] bass;
    private final List<ChordKind> kinds = Arrays.stream(TEMPLATES).map(ChordKind::parse).toList();
    /** For each chord, a root and a kind, its members as bits, and its fifth. */
    private final int[] masks;
    private final int[] fifths;
    /** For each beat and chord how much of what sounds belongs to it. */
    private final double[][] inside;
    /** For each beat and chord what its members that do not sound there cost. */
    private final double[][] silent;
    /** The names of what sounded before: music repeats itself. */
    private final Map<Sounding, List<Chord>> known = new HashMap<>();
    /** For each beat how much it tells: less where few notes sound. */
    private final double[] telling;

    private ChordReader(List<Note> notes, TimeMap time, FenceLine fence) {
        this.notes = notes;
        this.time = time;
        this.fence = fence;
        this.cells = cells();
        this.weights = new double[cells.length - 1][PitchClass.COUNT];
        this.bass = new int[cells.length - 1];
        this.masks = new int[PitchClass.COUNT * kinds.size()];
        this.fifths = new int[masks.length];
        for (int chord = 0; chord < masks.length; chord++) {
            int root = chord / kinds.size();
            masks[chord] = kinds.get(chord % kinds.size()).semitones().transposed(root).bits();
            fifths[chord] = masks[chord] & 1 << (root + 7) % PitchClass.COUNT;
        }
        weigh();
        holdOn();
        this.telling = new double[weights.length];
        this.inside = new double[weights.length][masks.length];
        this.silent = new double[weights.length][masks.length];
        for (int cell = 0; cell < weights.length; cell++) {
            telling[cell] = tells(cell);
            judge(cell);
        }
    }

    /** Reads the chords of a whole song: of its chord, figure and bass parts, or, without chords, of all that has pitches. */
    public static List<ReadChord> read(Song song) {
        Set<Role> harmony = EnumSet.of(Role.CHORDS, Role.BASS, Role.FIGURE);
        boolean chords = song.parts().stream().anyMatch(part -> part.role() == Role.CHORDS);
        return read(song.parts().stream().filter(part -> chords ? harmony.contains(part.role()) : !part.isDrums())
                .map(Part::line).toList(), song.time(), song.fence().along(song.time()));
    }

    /** Reads the chords of some lines; the fence tells the key in which they are spelled. */
    public static List<ReadChord> read(List<Line> lines, TimeMap time, FenceLine fence) {
        List<Note> notes = new ArrayList<>();
        lines.forEach(line -> notes.addAll(line.notes()));
        notes.sort(Note.IN_TIME);
        return notes.isEmpty() ? List.of() : new ChordReader(notes, time, fence).read();
    }

    /** Other readings of what sounds in a span of ticks, best first. */
    public static List<Chord> readings(Song song, long from, long to) {
        List<Line> lines = song.parts().stream().filter(part -> !part.isDrums()).map(part -> Line.of(part.line().notes().stream()
                .filter(note -> note.start() < to && note.end() > from).toList())).filter(line -> !line.isEmpty()).toList();
        PitchClassSet sounding = PitchClassSet.EMPTY;
        int low = Integer.MAX_VALUE;
        for (Line line : lines) {
            for (Note note : line.notes()) {
                sounding = sounding.plus(PitchClass.of(note.pitch()));
                low = Math.min(low, note.pitch());
            }
        }
        if (lines.isEmpty()) {
            return List.of();
        }
        FenceLine fence = song.fence().along(song.time());
        List<Chord> readings = new ArrayList<>(ChordNames.all(sounding, PitchClass.of(low), fence.spellingAt(from)));
        read(lines, song.time(), fence).stream().filter(chord -> chord.start() < to && chord.end() > from)
                .forEach(chord -> {
                    readings.add(chord.chord());
                    readings.addAll(chord.alternatives());
                });
        return readings.stream().distinct().toList();
    }

    /**
     * Main beats from the first note's to the one after the last note's end. Where nothing sounds for longer than a chord
     * holds on, and in songs longer than any, where nothing begins or ends, one stretch stands for all the beats.
     */
    private long[] cells() {
        long end = notes.stream().mapToLong(Note::end).max().orElseThrow();
        long first = notes.get(0).start();
        boolean endless = (end - first) / time.pulseLength(first) > MOST_BEATS;
        TreeSet<Long> events = new TreeSet<>();
        for (Note note : endless ? notes : List.<Note>of()) {
            events.add(note.start());
            events.add(note.end());
        }
        List<Long> lines = new ArrayList<>();
        long at = time.barStart(time.barOf(first));
        int next = 0;
        long sounding = at;
        long quiet = at;
        while (at < end) {
            lines.add(at);
            while (next < notes.size() && notes.get(next).start() <= at) {
                sounding = Math.max(sounding, notes.get(next++).end());
            }
            quiet = sounding > at ? at : quiet;
            at = time.nextPulse(at);
            boolean silent = next < notes.size() && sounding <= quiet && (at - quiet) / time.pulseLength(quiet) > HOLDS + 1;
            Long event = endless ? events.higher(at) : null;
            long skip = silent ? notes.get(next).start() : event == null ? at : event;
            if (skip > at && time.barStart(time.barOf(skip)) > at) {
                lines.add(at);
                at = time.barStart(time.barOf(skip));
                quiet = at;
            }
        }
        lines.add(at);
        return lines.stream().mapToLong(Long::longValue).toArray();
    }

    private void weigh() {
        Arrays.fill(bass, Integer.MAX_VALUE);
        int first = 0;
        for (Note note : notes) {
            while (cells[first + 1] <= note.start()) {
                first++;
            }
            for (int cell = first; cell < weights.length && cells[cell] < note.end(); cell++) {
                double length = cells[cell + 1] - cells[cell];
                double overlap = Math.min(note.end(), cells[cell + 1]) - Math.max(note.start(), cells[cell]);
                // Short notes count for what they stand for: a staccato chord holds until the next one.
                double share = Math.sqrt(overlap / length);
                weights[cell][note.pitch() % PitchClass.COUNT] += share * (0.6 + 0.4 * note.velocity() / 127);
                if (overlap * 8 >= length || note.length() <= overlap) {
                    bass[cell] = Math.min(bass[cell], note.pitch());
                }
            }
        }
    }

    /** Staccato: where nothing sounds, the chord that was struck last holds. */
    private void holdOn() {
        int held = 0;
        for (int cell = 1; cell < weights.length; cell++) {
            boolean empty = total(weights[cell]) == 0;
            held = empty ? held + 1 : 0;
            if (empty && held <= HOLDS) {
                weights[cell] = weights[cell - 1];
                bass[cell] = bass[cell - 1];
            }
        }
    }

    private double tells(int cell) {
        int sounding = 0;
        for (double weight : weights[cell]) {
            sounding += weight > 0 ? 1 : 0;
        }
        return TELLS[Math.min(TELLS.length - 1, sounding)];
    }

    /** What a beat says of every chord. */
    private void judge(int cell) {
        double[] sounding = weights[cell];
        double total = total(sounding);
        int strong = strong(sounding, total);
        double tells = telling[cell];
        for (int chord = 0; total > 0 && chord < masks.length; chord++) {
            for (int bits = masks[chord]; bits != 0; bits &= bits - 1) {
                inside[cell][chord] += sounding[Integer.numberOfTrailingZeros(bits)];
            }
            int missing = masks[chord] & ~strong;
            int root = missing & 1 << chord / kinds.size();
            int fifth = missing & fifths[chord];
            int others = Integer.bitCount(missing & ~root & ~fifth);
            silent[cell][chord] = tells * ((root == 0 ? 0 : SILENT[0]) + (fifth == 0 ? 0 : SILENT[1]) + others * SILENT[2]);
        }
    }

    private static double total(double[] weights) {
        double total = 0;
        for (double weight : weights) {
            total += weight;
        }
        return total;
    }

    /** The pitch classes that are more than passing notes, as bits. */
    private static int strong(double[] sum, double total) {
        int strong = 0;
        for (int i = 0; i < sum.length; i++) {
            strong |= sum[i] >= PASSING * total && sum[i] > 0 ? 1 << i : 0;
        }
        return strong;
    }

    private record Fit(int root, int kind, double score) {
    }

    /** Beats taken together, one after the other: what sounds in them, and what each chord has to say for and against itself. */
    private final class Stretch {
        private final double[] sum = new double[PitchClass.COUNT];
        private final double[] belongs = new double[masks.length];
        private final double[] missing = new double[masks.length];
        private int low = Integer.MAX_VALUE;
        private int beats;

        void add(int cell) {
            add(sum, weights[cell]);
            add(belongs, inside[cell]);
            add(missing, silent[cell]);
            low = Math.min(low, bass[cell]);
            beats++;
        }

        private static void add(double[] sum, double[] more) {
            for (int i = 0; i < sum.length; i++) {
                sum[i] += more[i];
            }
        }

        /** The best plain chord for these beats, and how well it fits, in beats. */
        Fit fit() {
            double total = total(sum);
            if (total == 0) {
                // Silence speaks for nothing and against nothing; it goes on with what was before.
                return new Fit(-1, -1, CHANGE / 2);
            }
            int strong = strong(sum, total);
            int bassNote = low == Integer.MAX_VALUE ? -1 : low % PitchClass.COUNT;
            int best = 0;
            double highest = Double.NEGATIVE_INFINITY;
            int count = kinds.size();
            for (int root = 0; root < PitchClass.COUNT; root++) {
                // A chord whose root never sounds is not heard.
                for (int kind = 0; sum[root] > 0 && kind < count; kind++) {
                    int chord = root * count + kind;
                    int lacks = masks[chord] & ~strong;
                    double lack = Integer.bitCount(lacks & ~fifths[chord]) * MISSING
                            + ((lacks & fifths[chord]) == 0 ? 0 : MISSING_FIFTH);
                    double share = belongs[chord] / total;
                    double score = (share - STRANGER * (1 - share) - lack - PLAINER * kind
                            + (root == bassNote ? BASS_IS_ROOT : 0)) * beats - missing[chord];
                    if (score > highest) {
                        highest = score;
                        best = chord;
                    }
                }
            }
            return new Fit(best / kinds.size(), best % kinds.size(), highest);
        }
    }

    private List<ReadChord> read() {
        int count = weights.length;
        double[] best = new double[count + 1];
        int[] from = new int[count + 1];
        for (int end = 1; end <= count; end++) {
            best[end] = Double.NEGATIVE_INFINITY;
            Stretch stretch = new Stretch();
            for (int start = end - 1; start >= Math.max(0, end - LONGEST); start--) {
                stretch.add(start);
                double score = best[start] + stretch.fit().score() - CHANGE - OTHER_BASS * otherBasses(start, end, stretch.low);
                if (score > best[end]) {
                    best[end] = score;
                    from[end] = start;
                }
            }
        }
        List<int[]> stretches = new ArrayList<>();
        for (int end = count; end > 0; end = from[end]) {
            stretches.add(new int[] {from[end], end});
        }
        Collections.reverse(stretches);
        return joined(stretches);
    }

    private double otherBasses(int start, int end, int low) {
        double count = 0;
        for (int cell = start; cell < end; cell++) {
            count += bass[cell] != Integer.MAX_VALUE && (bass[cell] - low) % PitchClass.COUNT != 0 ? telling[cell] : 0;
        }
        return count;
    }

    /** Names the stretches, and makes one of neighbours that are the same chord. */
    private List<ReadChord> joined(List<int[]> stretches) {
        List<ReadChord> chords = new ArrayList<>();
        for (int[] stretch : stretches) {
            named(stretch[0], stretch[1]).ifPresentOrElse(named -> {
                ReadChord last = chords.isEmpty() ? null : chords.get(chords.size() - 1);
                if (last != null && last.end() == named.start() && last.chord().equals(named.chord())) {
                    chords.set(chords.size() - 1, new ReadChord(last.start(), named.end(), last.chord(),
                            Math.max(last.confidence(), named.confidence()), last.alternatives()));
                } else {
                    chords.add(named);
                }
            }, () -> prolong(chords, cells[stretch[1]]));
        }
        return chords;
    }

    /** Where nothing sounds, the last chord goes on. */
    private static void prolong(List<ReadChord> chords, long end) {
        if (!chords.isEmpty()) {
            ReadChord last = chords.get(chords.size() - 1);
            chords.set(chords.size() - 1, new ReadChord(last.start(), end, last.chord(), last.confidence(), last.alternatives()));
        }
    }

    private Optional<ReadChord> named(int from, int to) {
        Stretch stretch = new Stretch();
        for (int cell = from; cell < to; cell++) {
            stretch.add(cell);
        }
        double total = total(stretch.sum);
        if (total == 0 || stretch.low == Integer.MAX_VALUE) {
            return Optional.empty();
        }
        Spelling spelling = fence.spellingAt(cells[from]);
        PitchClass lowest = PitchClass.of(stretch.low);
        PitchClassSet strong = new PitchClassSet(strong(stretch.sum, total)).plus(lowest);
        List<Chord> exact = known.computeIfAbsent(new Sounding(strong, lowest, spelling), sounding -> ChordNames.all(strong, lowest, spelling));
        Fit fit = stretch.fit();
        Chord plain = Chord.of(spelling.name(new PitchClass(fit.root())), kinds.get(fit.kind()));
        Chord template = plain.withBass(plain.name(lowest, spelling));
        List<Chord> readings = new ArrayList<>(exact);
        boolean usual = !exact.isEmpty() && (ChordKinds.rank(exact.get(0).kind()) < USUAL_KINDS || strong.size() <= 4);
        readings.add(usual ? readings.size() : 0, template);
        Chord chord = readings.get(0);
        double within = 0;
        PitchClassSet members = chord.pitchClasses();
        for (int i = 0; i < PitchClass.COUNT; i++) {
            within += members.containsPitch(i) ? stretch.sum[i] : 0;
        }
        boolean complete = chord.kind().semitones().transposed(chord.root().pitchClass().number()).isSubsetOf(strong);
        double confidence = Math.min(1, within / total) * (complete ? 1 : 0.8) * (strong.size() < 3 ? 0.6 : 1);
        return Optional.of(new ReadChord(cells[from], cells[to], chord, confidence,
                readings.stream().filter(other -> !other.equals(chord)).distinct().toList()));
    }
}
