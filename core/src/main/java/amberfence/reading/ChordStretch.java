package amberfence.reading;

import amberfence.reading.ChordCandidates.Candidate;
import amberfence.theory.PitchClass;

/** Beats taken together, from the last to the first: what sounds in them, and what each chord has to say for and against itself. */
final class ChordStretch {
    /** Pitch classes with less than this share of a stretch are passing notes. */
    private static final double PASSING = 0.07;
    /** Silence speaks for nothing and against nothing; it goes on with what was before. */
    private static final double SILENCE = 0.23;
    /** What one and two pitch classes lack to be a chord, for each beat. */
    private static final double[] THIN = {0, 0.6, 0.12};
    private static final double STRANGER = 1.1;
    private static final double BASS_IS_ROOT = 0.12;
    /** For each beat in which a member does not sound: the root, the fifth, any other. */
    private static final double[] SILENT = {0.2, 0.05, 0.12};
    /** For a beat on which a block stands on another bass than that of the stretch; and for a bar that begins so. */
    private static final double OTHER_BASS = 0.3;
    private static final double OTHER_BASS_OF_A_BAR = 0.15;
    /** More than what rounding can make of a difference. */
    private static final double ROUNDED = 1e-9;
    /** A sixth chord that is inverted is the seventh chord of its sixth. */
    private static final double INVERTED_SIXTH = 0.06;

    /** The chord that explains a stretch best, if anything sounds, and how well it does, in beats. */
    record Fit(Candidate chord, double score) {
    }

    private final ChordCells cells;
    private final ChordCandidates candidates;
    final double[] sum = new double[PitchClass.COUNT];
    private final int end;
    private int start;
    double total;
    private StruckBlock firstBlock;
    private boolean full;
    boolean isOne = true;

    /** @param end the cell after the last one */
    ChordStretch(ChordCells cells, ChordCandidates candidates, int end) {
        this.cells = cells;
        this.candidates = candidates;
        this.end = end;
        this.start = end;
    }

    void add(int cell) {
        start = cell;
        for (int i = 0; i < sum.length; i++) {
            sum[i] += cells.weights[cell][i];
        }
        total = ChordCells.total(sum);
        full |= cells.full[cell];
        StruckBlock block = cells.blocks[cell];
        if (block != null) {
            isOne &= firstBlock == null || block.mayBeOneWith(firstBlock);
            firstBlock = block;
        }
    }

    /** The pitch classes that are more than passing notes, as bits. */
    int strong() {
        return ChordCells.strong(sum, total, PASSING);
    }

    /** The pitch of its bass; {@link Integer#MAX_VALUE} where nothing sounds. */
    int low() {
        return cells.figures.lows[start][end - start - 1];
    }

    int lowest() {
        return low() == Integer.MAX_VALUE ? -1 : low() % PitchClass.COUNT;
    }

    /** The chord that explains these beats best, and how well it does, in beats. */
    Fit fit() {
        if (total == 0) {
            return new Fit(null, SILENCE);
        }
        int strong = strong();
        int bass = lowest();
        int beats = end - start;
        int sounding = Integer.bitCount(strong);
        double thin = sounding < THIN.length && !full ? THIN[sounding] : 0;
        Candidate best = null;
        double highest = Double.NEGATIVE_INFINITY;
        for (ChordCandidates.Near near : candidates.of(strong)) {
            Candidate chord = near.chord();
            double bonus = chord.root() == bass ? BASS_IS_ROOT : chord.isSixth() ? -INVERTED_SIXTH : 0;
            if ((1 - near.lack() - thin - chord.cost() + bonus) * beats < highest - ROUNDED) {
                // Not even if nothing strange sounded.
                continue;
            }
            double share = 0;
            for (int bits = chord.members(); bits != 0; bits &= bits - 1) {
                share += sum[Integer.numberOfTrailingZeros(bits)];
            }
            share /= total;
            double score = (share - STRANGER * (1 - share) - near.lack() - thin - chord.cost() + bonus) * beats;
            for (int cell = start; cell < end && score > highest; cell++) {
                score -= silent(chord, cell);
            }
            if (score > highest) {
                highest = score;
                best = chord;
            }
        }
        return new Fit(best, highest);
    }

    private double silent(Candidate chord, int cell) {
        StruckBlock block = cells.blocks[cell];
        int missing = chord.members() & ~cells.strong[cell];
        if (block != null && block.lowest() == StruckBlock.NO_BASS) {
            // Root and fifth are heard before or after it, in a bass of its own.
            missing &= ~(1 << chord.root() | chord.fifth());
        }
        int root = missing & 1 << chord.root();
        int fifth = missing & chord.fifth() & ~root;
        int others = Integer.bitCount(missing & ~root & ~fifth);
        return cells.telling[cell] * ((root == 0 ? 0 : SILENT[0]) + (fifth == 0 ? 0 : SILENT[1]) + others * SILENT[2]);
    }

    /** What speaks against these beats being one chord, though its notes fit. */
    double otherBasses() {
        double against = 0;
        int bass = lowest();
        for (int cell = start + 1; cell < end && bass >= 0; cell++) {
            StruckBlock block = cells.blocks[cell];
            if (block != null) {
                against += block.standsOn(bass) ? 0 : OTHER_BASS;
            } else if (cells.metric[cell] == 2 && cells.begins[cell]) {
                int low = cells.figures.lows[cell][Math.min(cells.figures.lows[cell].length, end - cell) - 1];
                against += low == Integer.MAX_VALUE || low % PitchClass.COUNT == bass ? 0 : OTHER_BASS_OF_A_BAR;
            }
        }
        return against;
    }
}
