package amberfence.reading;

import amberfence.theory.ChordKind;
import amberfence.theory.ChordKinds;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.Comparator;
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

    /**
     * @param root pitch class
     * @param members as bits
     * @param fifth its bit, or 0
     * @param cost how far it is from plain
     */
    record Candidate(int root, ChordKind kind, int members, int fifth, double cost, boolean isSixth) {
    }

    private static final List<Candidate> ALL = all();
    private final Candidate[][] known = new Candidate[1 << PitchClass.COUNT][];

    private static List<Candidate> all() {
        List<Candidate> all = new ArrayList<>();
        for (int rank = 0; rank < Math.min(KINDS, ChordKinds.all().size()); rank++) {
            ChordKind kind = ChordKinds.all().get(rank);
            for (int root = 0; root < PitchClass.COUNT; root++) {
                int fifth = kind.tone(5).map(tone -> tone.semitones()).filter(semitones -> semitones == 7 && kind.tones().size() > 2).isPresent() ? 1 << (root + 7) % PitchClass.COUNT : 0;
                int members = kind.semitones().transposed(root).bits();
                all.add(new Candidate(root, kind, members, fifth, BY_SIZE[Integer.bitCount(members)] + BY_RANK * rank, kind.tone(6).isPresent()));
            }
        }
        return all;
    }

    /** @param sounding pitch classes as bits */
    Candidate[] of(int sounding) {
        if (known[sounding] == null) {
            known[sounding] = ALL.stream().filter(candidate -> (sounding & 1 << candidate.root) != 0
                            && Integer.bitCount(candidate.members & ~sounding & ~candidate.fifth) <= MOST_MISSING)
                    .sorted(Comparator.comparingDouble(candidate -> distance(candidate, sounding))).limit(MOST).toArray(Candidate[]::new);
        }
        return known[sounding];
    }

    private static double distance(Candidate candidate, int sounding) {
        return candidate.cost + 0.3 * Integer.bitCount(candidate.members & ~sounding) + 0.4 * Integer.bitCount(sounding & ~candidate.members);
    }
}
