package amberfence.reading;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.Chord;
import amberfence.theory.ChordNames;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Reads chords over time out of the notes of one or several lines. What sounds is weighed by length and loudness in every
 * main beat; the stretches in which one chord holds are found exactly, by the cheapest way to divide the beats, so that
 * broken chords, staccato and held notes give the same reading as blocks. A chord begins where something is struck, and its
 * bass is the lowest of what is struck there, or of the first figure of single notes.
 *
 * <p>Blocks are named by their notes, all else by the chord that explains most of it.
 * Own method, after template matching as in Pardo and Birmingham, Computer Music Journal 26 (2002), from memory.
 */
public final class ChordReader {
    /** A longer stretch is put together from shorter ones of the same chord. */
    private static final int LONGEST = 8;
    /** What a change of chord costs, in beats of a full chord: on a weak beat, in the middle of a bar, at its beginning. */
    private static final double[] CHANGE = {0.62, 0.46, 0.36};
    /** A chord that begins in the middle of a run of single notes. */
    private static final double IN_A_RUN = 0.6;
    /** A chord that begins with a bass of its own, or with the figure of the one before, costs less. */
    private static final double FRESH_BASS = 0.28;
    private static final double RESTART = 0.3;
    /** What sounds beside blocks belongs to the chord when it has this share of all. */
    private static final double BESIDE_BLOCKS = 0.25;

    /**
     * What a stretch is named by.
     *
     * @param fit the chord that explains most of it, if anything does
     */
    private record Sounding(PitchClassSet notes, PitchClass lowest, Spelling spelling, ChordCandidates.Candidate fit, boolean inBlocks) {
    }

    /**
     * What it may be called.
     *
     * @param readings best first, each once
     * @param members of the first
     * @param complete whether all of them sound
     */
    private record Named(List<Chord> readings, PitchClassSet members, boolean complete) {
    }

    private final FenceLine fence;
    private final ChordCells cells;
    private final ChordCandidates candidates = new ChordCandidates();
    /** The names of what sounded before: music repeats itself. */
    private final Map<Sounding, Named> known = new HashMap<>();

    private ChordReader(List<Note> notes, TimeMap time, FenceLine fence) {
        this.fence = fence;
        this.cells = new ChordCells(notes, time, LONGEST);
    }

    /** Reads the chords of some lines; the fence tells the key in which they are spelled. */
    public static List<ReadChord> read(List<Line> lines, TimeMap time, FenceLine fence) {
        List<Note> notes = new ArrayList<>();
        lines.forEach(line -> notes.addAll(line.notes()));
        notes.sort(Note.IN_TIME);
        return notes.isEmpty() ? List.of() : new ChordReader(notes, time, fence).read();
    }

    private List<ReadChord> read() {
        int count = cells.count();
        double[] best = new double[count + 1];
        int[] from = new int[count + 1];
        for (int end = 1; end <= count; end++) {
            best[end] = Double.NEGATIVE_INFINITY;
            from[end] = end - 1;
            ChordStretch stretch = new ChordStretch(cells, candidates, end);
            for (int start = end - 1; start >= Math.max(0, end - LONGEST); start--) {
                stretch.add(start);
                if (!stretch.isOne) {
                    break;
                }
                if (start == 0 || cells.begins[start] || end - start == LONGEST || stretch.total == 0) {
                    double score = best[start] + stretch.fit().score() - stretch.otherBasses() - beginning(start);
                    if (score > best[end]) {
                        best[end] = score;
                        from[end] = start;
                    }
                }
            }
            if (best[end] == Double.NEGATIVE_INFINITY) {
                best[end] = best[end - 1] - CHANGE[0];
            }
        }
        List<int[]> stretches = new ArrayList<>();
        for (int end = count; end > 0; end = from[end]) {
            stretches.add(new int[] {from[end], end});
        }
        Collections.reverse(stretches);
        return joined(stretches);
    }

    /** What it costs that a chord begins in a cell. */
    private double beginning(int cell) {
        ChordFigures figures = cells.figures;
        return CHANGE[cells.metric[cell]] + (figures.running[cell] ? IN_A_RUN : 0) - (figures.freshBass[cell] ? FRESH_BASS : 0) - (figures.restarts[cell] ? RESTART : 0);
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
            }, () -> prolong(chords, cells.lines[stretch[1]]));
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
        ChordStretch stretch = new ChordStretch(cells, candidates, to);
        for (int cell = to - 1; cell >= from; cell--) {
            stretch.add(cell);
        }
        if (stretch.total == 0 || stretch.low() == Integer.MAX_VALUE) {
            return Optional.empty();
        }
        Spelling spelling = fence.spellingAt(cells.lines[from]);
        PitchClass lowest = PitchClass.of(stretch.low());
        int blocks = blocks(from, to);
        int notes = blocks == 0 ? stretch.strong() : blocks | ChordCells.strong(stretch.sum, stretch.total, BESIDE_BLOCKS);
        ChordCandidates.Candidate fit = stretch.fit().chord();
        if (fit != null && (notes & ~fit.members()) == 0 && (fit.members() & ~stretch.strong()) == 0) {
            // What completes a chord may sound in the bass alone.
            notes = fit.members();
        }
        PitchClassSet strong = new PitchClassSet(notes).plus(lowest);
        Named named = known.computeIfAbsent(new Sounding(strong, lowest, spelling, fit, blocks != 0), ChordReader::named);
        if (named.readings.isEmpty()) {
            return Optional.empty();
        }
        double within = 0;
        for (int i = 0; i < PitchClass.COUNT; i++) {
            within += named.members.containsPitch(i) ? stretch.sum[i] : 0;
        }
        double confidence = Math.min(1, within / stretch.total) * (named.complete ? 1 : 0.8) * (strong.size() < 3 ? 0.6 : 1);
        return Optional.of(new ReadChord(cells.lines[from], cells.lines[to], named.readings.get(0), confidence,
                named.readings.subList(1, named.readings.size())));
    }

    private static Named named(Sounding sounding) {
        List<Chord> exact = ChordNames.all(sounding.notes, sounding.lowest, sounding.spelling);
        List<Chord> readings = new ArrayList<>(exact);
        ChordCandidates.Candidate fit = sounding.fit;
        if (fit != null) {
            Chord plain = Chord.of(sounding.spelling.name(new PitchClass(fit.root())), fit.kind());
            boolean asItSounds = !exact.isEmpty() && (sounding.inBlocks || exact.get(0).pitchClasses().equals(plain.pitchClasses()));
            readings.add(asItSounds ? readings.size() : 0, plain.withBass(plain.name(sounding.lowest, sounding.spelling)));
        }
        if (readings.isEmpty()) {
            return new Named(List.of(), PitchClassSet.EMPTY, false);
        }
        Chord chord = readings.get(0);
        return new Named(readings.stream().distinct().toList(), chord.pitchClasses(),
                chord.kind().semitones().transposed(chord.root().pitchClass().number()).isSubsetOf(sounding.notes));
    }

    /** The pitch classes that are struck in blocks for half of the time or more, as bits; 0 where there are no blocks. */
    private int blocks(int from, int to) {
        double[] lengths = new double[PitchClass.COUNT];
        double all = 0;
        for (int cell = from; cell < to; cell++) {
            StruckBlock block = cells.blocks[cell];
            if (block != null) {
                all += block.weight();
                for (int bits = block.members(); bits != 0; bits &= bits - 1) {
                    lengths[Integer.numberOfTrailingZeros(bits)] += block.weight();
                }
            }
        }
        int members = 0;
        for (int i = 0; i < lengths.length; i++) {
            members |= all > 0 && lengths[i] >= all / 2 ? 1 << i : 0;
        }
        return members;
    }
}
