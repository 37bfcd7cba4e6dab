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
    /** Behind so many voices: the sets of members that may sound then if all are to sound in the end, rising; and the place of each set. */
    private final int[][] sets;
    private final int[][] rank;

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
        sets = new int[voices + 1][];
        rank = new int[voices + 1][1 << members.size()];
        for (int behind = 0; behind <= voices; behind++) {
            // Each voice brings one member at most, and just one where none sounds twice.
            sets[behind] = rank(rank[behind], allNeeded ? members.size() - (voices - behind) : behind, behind);
        }
    }

    /** The sets of at least and at most so many members, rising, and in an array the place of each. */
    private static int[] rank(int[] rank, int least, int most) {
        int[] sets = new int[rank.length];
        int count = 0;
        for (int set = 0; set < rank.length; set++) {
            int size = Integer.bitCount(set);
            boolean may = least <= size && size <= most;
            rank[set] = may ? count : NO_MEMBER;
            if (may) {
                sets[count++] = set;
            }
        }
        return Arrays.copyOf(sets, count);
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
     * Finds the notes. Near the voices first: what moves less than that in all cannot be bettered by going farther, and what moves more
     * cannot be bettered by any that lets one voice move farther than all of these together.
     *
     * @param from as many MIDI pitches as there are voices, rising
     * @return as many pitches, rising; none where so many do not find room
     */
    public List<Integer> of(List<Integer> from) {
        for (int reach : NEAR) {
            List<Integer> found = within(reach, from);
            int motion = motion(from, found);
            if (!found.isEmpty()) {
                return motion <= reach ? found : within(motion, from);
            }
        }
        return within((int) Range.PITCH.highest(), from);
    }

    private static int motion(List<Integer> from, List<Integer> to) {
        int sum = 0;
        for (int i = 0; i < to.size(); i++) {
            sum += Math.abs(to.get(i) - from.get(i));
        }
        return sum;
    }

    private List<Integer> within(int reach, List<Integer> from) {
        int[] first = new int[from.size()];
        int[] before = null;
        int[][] came = new int[from.size()][];
        for (int voice = 0; voice < first.length; voice++) {
            int wanted = from.get(voice);
            first[voice] = place(wanted - reach);
            int[] now = new int[sets[voice + 1].length * (place(wanted + reach + 1) - first[voice])];
            Arrays.fill(now, NEVER);
            came[voice] = new int[now.length];
            step(voice, wanted, first, before, now, came[voice]);
            before = now;
        }
        int best = NO_MEMBER;
        for (int state = 0; state < before.length; state++) {
            if (before[state] < NEVER && (best < 0 || before[state] < before[best])) {
                best = state;
            }
        }
        Integer[] found = new Integer[best < 0 ? 0 : first.length];
        for (int voice = found.length - 1; voice >= 0; voice--) {
            found[voice] = pitches[first[voice] + best / sets[voice + 1].length];
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
     * @param first the index of the first pitch of each voice
     * @param before the costs behind the voice below; nothing for the lowest voice
     */
    private void step(int voice, int wanted, int[] first, int[] before, int[] now, int[] came) {
        int count = sets[voice].length;
        int[] least = new int[count];
        int[] leastAt = new int[count];
        Arrays.fill(least, voice == 0 ? 0 : NEVER);
        Arrays.fill(leastAt, NO_MEMBER);
        int below = 0;
        for (int place = 0; place * sets[voice + 1].length < now.length; place++) {
            for (; voice > 0 && below * count < before.length && first[voice - 1] + below < first[voice] + place; below++) {
                for (int set = 0; set < count; set++) {
                    int state = below * count + set;
                    if (before[state] < least[set]) {
                        least[set] = before[state];
                        leastAt[set] = state;
                    }
                }
            }
            int pitch = pitches[first[voice] + place];
            if (voice > 0 || bass == NO_MEMBER || pitch % PitchClass.COUNT == bass) {
                take(voice, place, SEMITONE * Math.abs(pitch - wanted), memberOf[pitch % PitchClass.COUNT], least, leastAt, now, came);
            }
        }
    }

    /** A voice takes a member at a cost, behind each set of members that sound already. */
    private void take(int voice, int place, int cost, int member, int[] least, int[] leastAt, int[] now, int[] came) {
        int[] then = rank[voice + 1];
        for (int i = 0; i < least.length; i++) {
            int set = sets[voice][i];
            boolean again = (set >> member & 1) == 1;
            int next = then[set | 1 << member];
            if (next >= 0 && least[i] < NEVER && !(again && doubling[member] == NEVER)) {
                int state = place * sets[voice + 1].length + next;
                int sum = least[i] + cost + (again ? doubling[member] : 0);
                if (sum < now[state]) {
                    now[state] = sum;
                    came[state] = leastAt[i];
                }
            }
        }
    }
}
