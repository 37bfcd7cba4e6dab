package amberfence.reading;

import amberfence.theory.ChordKind;
import amberfence.theory.ChordKinds;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The chords that a set of pitch classes may stand for: its root sounds, and little is missing or strange. */
final class ChordCandidates {
    /** Kinds up to here, in the order of the table, are looked for among single notes. */
    private static final int KINDS = 56;
    private static final int MOST = 28;
    private static final int MOST_MISSING = 2;
    /** Every note beyond a triad asks for more of it to be heard. */
    private static final double[] BY_SIZE = {0, 0, 0.1, 0, 0.07, 0.17, 0.3, 0.4};
    private static final double BY_RANK = 0.002;
    private static final double MISSING = 0.22;
    private static final double MISSING_FIFTH = 0.08;

    /**
     * @param root pitch class
     * @param members as bits
     * @param fifth its bit, or 0
     * @param cost how far it is from plain
     */
    record Candidate(int root, ChordKind kind, int members, int fifth, double cost, boolean isSixth) {
    }

    /**
     * A candidate for what sounds.
     *
     * @param lack what it counts that some of its members do not sound
     */
    record Near(Candidate chord, double lack) {
        static Near of(Candidate chord, int sounding) {
            int lacks = chord.members & ~sounding;
            return new Near(chord, Integer.bitCount(lacks & ~chord.fifth) * MISSING + ((lacks & chord.fifth) == 0 ? 0 : MISSING_FIFTH));
        }
    }

    /** By rank, each with every root from C up. */
    private static final Candidate[] ALL = all();
    private final Near[][] known = new Near[1 << PitchClass.COUNT][];

    private static Candidate[] all() {
        List<Candidate> all = new ArrayList<>();
        for (int rank = 0; rank < Math.min(KINDS, ChordKinds.all().size()); rank++) {
            ChordKind kind = ChordKinds.all().get(rank);
            for (int root = 0; root < PitchClass.COUNT; root++) {
                int fifth = kind.tone(5).map(tone -> tone.semitones()).filter(semitones -> semitones == 7 && kind.tones().size() > 2).isPresent() ? 1 << (root + 7) % PitchClass.COUNT : 0;
                int members = kind.semitones().transposed(root).bits();
                all.add(new Candidate(root, kind, members, fifth, BY_SIZE[Integer.bitCount(members)] + BY_RANK * rank, kind.tone(6).isPresent()));
            }
        }
        return all.toArray(Candidate[]::new);
    }

    /** @param sounding pitch classes as bits */
    Near[] of(int sounding) {
        if (known[sounding] == null) {
            known[sounding] = Arrays.stream(nearest(sounding)).map(chord -> Near.of(chord, sounding)).toArray(Near[]::new);
        }
        return known[sounding];
    }

    /** Those that are least far from what sounds; of equally far ones the plainer come first. */
    private static Candidate[] nearest(int sounding) {
        Candidate[] nearest = new Candidate[MOST];
        double[] distances = new double[MOST];
        int count = 0;
        for (int rank = 0; rank < ALL.length; rank += PitchClass.COUNT) {
            for (int roots = sounding; roots != 0; roots &= roots - 1) {
                Candidate candidate = ALL[rank + Integer.numberOfTrailingZeros(roots)];
                double distance = distance(candidate, sounding);
                if (Integer.bitCount(candidate.members & ~sounding & ~candidate.fifth) <= MOST_MISSING
                        && (count < MOST || distance < distances[MOST - 1])) {
                    int at = Math.min(count, MOST - 1);
                    count = at + 1;
                    for (; at > 0 && distances[at - 1] > distance; at--) {
                        nearest[at] = nearest[at - 1];
                        distances[at] = distances[at - 1];
                    }
                    nearest[at] = candidate;
                    distances[at] = distance;
                }
            }
        }
        return Arrays.copyOf(nearest, count);
    }

    private static double distance(Candidate candidate, int sounding) {
        return candidate.cost + 0.3 * Integer.bitCount(candidate.members & ~sounding) + 0.4 * Integer.bitCount(sounding & ~candidate.members);
    }
}
