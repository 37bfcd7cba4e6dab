package amberfence.theory;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * The notes of a chord nearest to given ones: as many, the voices not crossing, with the least sum of semitones, found
 * exactly by going through the voices from low to high.
 *
 * <p>With at least as many voices as members each member sounds, and the root and the fifth may be doubled, of two alike
 * the root; the others only where more than twice as many voices sound. With fewer, the members of
 * {@link VoicingRules#kept} sound, which are without the fifth first and never without the third and the seventh; one or
 * two voices take whichever members are nearest, for they are seldom the whole chord.
 */
public final class NearestVoicing {
    /** Motion outweighs the choice of what is doubled. */
    private static final int SEMITONE = 64;
    private static final int NEVER = Integer.MAX_VALUE / 2;
    private static final int NO_MEMBER = -1;
    private static final int FEW = 2;
    /** How far it is looked at first, in semitones: voices seldom move farther. */
    private static final int[] NEAR = {7, 14};

    private final List<Integer> members = new ArrayList<>();
    private final int[] memberOf = new int[PitchClass.COUNT];
    private final int[] doubling = new int[PitchClass.COUNT];
    private final boolean allNeeded;
    private final int bass;
    private final int[] pitches;

    private NearestVoicing(int voices, Chord chord, boolean bassLowest, IntPredicate free) {
        boolean withBass = bassLowest && voices >= FEW;
        bass = withBass ? chord.bass().pitchClass().number() : NO_MEMBER;
        boolean foreign = withBass && chord.inversion() < 0;
        int inner = voices - (foreign ? 1 : 0);
        List<ChordTone> kept = inner <= FEW ? chord.kind().tones() : VoicingRules.kept(chord, inner, withBass);
        boolean few = inner < kept.size();
        allNeeded = !few;
        Arrays.fill(memberOf, NO_MEMBER);
        for (ChordTone tone : kept) {
            int pitchClass = tone.above(chord.root()).pitchClass().number();
            if (memberOf[pitchClass] == NO_MEMBER) {
                doubling[members.size()] = few ? NEVER : tone.number() == 1 ? 0 : tone.number() == 5 || inner > 2 * kept.size()
                        ? 1 : NEVER;
                memberOf[pitchClass] = members.size();
                members.add(pitchClass);
            }
        }
        if (foreign && memberOf[bass] == NO_MEMBER) {
            doubling[members.size()] = NEVER;
            memberOf[bass] = members.size();
            members.add(bass);
        }
        pitches = IntStream.rangeClosed((int) Range.PITCH.lowest(), (int) Range.PITCH.highest())
                .filter(pitch -> memberOf[pitch % PitchClass.COUNT] != NO_MEMBER).filter(free).toArray();
    }

    /**
     * Finds the notes at once; see {@link #search} and {@link #of(List)}.
     *
     * @param from MIDI pitches, rising
     */
    public static List<Integer> of(List<Integer> from, Chord chord, boolean bassLowest, IntPredicate free) {
        return from.isEmpty() ? List.of() : search(from.size(), chord, bassLowest, free).of(from);
    }

    /**
     * What looks for the notes of a chord.
     *
     * @param voices how many, at least one
     * @param bassLowest whether the lowest of two or more is to be the chord's own bass
     * @param free which pitches may be taken
     */
    public static NearestVoicing search(int voices, Chord chord, boolean bassLowest, IntPredicate free) {
        return new NearestVoicing(voices, chord, bassLowest, free);
    }

    /**
     * Finds the notes. Near the voices first: what moves less than that in all cannot be bettered by going farther.
     *
     * @param from as many MIDI pitches as there are voices, rising
     * @return as many pitches, rising; none where so many do not find room
     */
    public List<Integer> of(List<Integer> from) {
        for (int reach : NEAR) {
            List<Integer> found = within(reach, from);
            if (!found.isEmpty() && motion(from, found) <= reach) {
                return found;
            }
        }
        return within((int) Range.PITCH.highest(), from);
    }

    private static int motion(List<Integer> from, List<Integer> to) {
        int sum = 0;
        for (int i = 0; i < from.size(); i++) {
            sum += Math.abs(to.get(i) - from.get(i));
        }
        return sum;
    }

    private List<Integer> within(int reach, List<Integer> from) {
        int sets = 1 << members.size();
        int[] first = new int[from.size()];
        int[] before = null;
        int[][] came = new int[from.size()][];
        for (int voice = 0; voice < first.length; voice++) {
            int wanted = from.get(voice);
            first[voice] = place(wanted - reach);
            int[] now = new int[sets * (place(wanted + reach + 1) - first[voice])];
            Arrays.fill(now, NEVER);
            came[voice] = new int[now.length];
            step(wanted, first[voice], before, voice == 0 ? 0 : first[voice - 1], now, came[voice], sets);
            before = now;
        }
        int best = NO_MEMBER;
        for (int state = 0; state < before.length; state++) {
            boolean complete = !allNeeded || state % sets == sets - 1;
            if (complete && before[state] < NEVER && (best < 0 || before[state] < before[best])) {
                best = state;
            }
        }
        Integer[] found = new Integer[best < 0 ? 0 : first.length];
        for (int voice = found.length - 1; voice >= 0; voice--) {
            found[voice] = pitches[first[voice] + best / sets];
            best = came[voice][best];
        }
        return List.of(found);
    }

    /** The index of the first pitch that may be taken from one on. */
    private int place(int pitch) {
        int found = Arrays.binarySearch(pitches, pitch);
        return found < 0 ? -found - 1 : found;
    }

    /**
     * One voice more: for each pitch that it may take and each set of members that then sound, the least cost so far.
     *
     * @param first the index of its first pitch
     * @param before the costs behind the voice below, whose first pitch is the other; nothing for the lowest voice
     */
    private void step(int wanted, int first, int[] before, int firstBefore, int[] now, int[] came, int sets) {
        int[] least = new int[sets];
        int[] leastAt = new int[sets];
        Arrays.fill(least, NEVER);
        Arrays.fill(leastAt, NO_MEMBER);
        if (before == null) {
            least[0] = 0;
        }
        int below = 0;
        for (int place = 0; place * sets < now.length; place++) {
            for (; before != null && below * sets < before.length && firstBefore + below < first + place; below++) {
                for (int set = 0; set < sets; set++) {
                    int state = below * sets + set;
                    if (before[state] < least[set]) {
                        least[set] = before[state];
                        leastAt[set] = state;
                    }
                }
            }
            int pitch = pitches[first + place];
            if (before != null || bass == NO_MEMBER || pitch % PitchClass.COUNT == bass) {
                take(place, pitch, wanted, least, leastAt, now, came);
            }
        }
    }

    /** The voice takes a pitch, behind each set of members that sound already. */
    private void take(int place, int pitch, int wanted, int[] least, int[] leastAt, int[] now, int[] came) {
        int member = memberOf[pitch % PitchClass.COUNT];
        int cost = SEMITONE * Math.abs(pitch - wanted);
        for (int set = 0; set < least.length; set++) {
            boolean again = (set >> member & 1) == 1;
            if (least[set] < NEVER && !(again && doubling[member] == NEVER)) {
                int state = place * least.length + (set | 1 << member);
                int sum = least[set] + cost + (again ? doubling[member] : 0);
                if (sum < now[state]) {
                    now[state] = sum;
                    came[state] = leastAt[set];
                }
            }
        }
    }
}
