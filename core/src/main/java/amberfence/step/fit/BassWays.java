package amberfence.step.fit;

import amberfence.step.fit.BassCandidates.Sort;
import amberfence.theory.PitchClass;

/**
 * From where each pitch that a note of a bassline may take is reached at the least cost. What it costs grows evenly with the leap, so
 * the cheapest from below is known by going up once, that from above by going down once (a distance transform: Felzenszwalb and
 * Huttenlocher, Distance transforms of sampled functions, 2004, from memory). Of two that cost the same it is the first.
 */
final class BassWays {
    private static final int LEAP = 3;
    private static final int FAR_LEAP = 400;
    /** Costs and indices stand in one number, so that the smaller number is the cheaper and then the first. */
    private static final int INDEX_BITS = 8;
    private static final int INDEX = (1 << INDEX_BITS) - 1;
    private static final long A_SEMITONE = LEAP << INDEX_BITS;

    private final int variety;
    private final long[] reached = new long[128];
    /** Of those before that may go on anywhere: their pitches, and what they cost with their indices. */
    private final int[] pitches = new int[BassCandidates.MOST];
    private final long[] costs = new long[BassCandidates.MOST];
    private int size;
    /** The pitches that are to be reached, each once, rising. */
    private final int[] goals = new int[BassCandidates.MOST];
    private int goalCount;

    /** @param variety what it costs that a pitch is repeated, which tires */
    BassWays(int variety) {
        this.variety = variety;
    }

    /**
     * Finds them.
     *
     * @param best what each pitch of the note before costs with all that lies before it
     */
    void find(BassCandidates before, int[] best, BassCandidates here) {
        goalCount = 0;
        for (int h = 0; h < here.size(); h++) {
            if (h == 0 || here.pitch(h) != here.pitch(h - 1)) {
                goals[goalCount++] = here.pitch(h);
                reached[here.pitch(h)] = Long.MAX_VALUE;
            }
        }
        long again = here.sort(0) == Sort.FIXED ? 0 : (long) variety << INDEX_BITS;
        size = before.plainSize();
        for (int i = 0; i < size; i++) {
            int index = before.plain(i);
            pitches[i] = before.pitch(index);
            costs[i] = together(best[index], index);
            reached[pitches[i]] = Math.min(reached[pitches[i]], costs[i] + again);
        }
        along(1);
        along(-1);
        lead(before, best);
    }

    /** Which candidate of the note before a pitch is reached from. */
    int from(int pitch) {
        return (int) reached[pitch] & INDEX;
    }

    /** What it costs to come to a pitch, with all that lies before it. */
    int cost(int pitch) {
        return (int) (reached[pitch] >> INDEX_BITS);
    }

    private static long together(int cost, int index) {
        return (long) cost << INDEX_BITS | index;
    }

    /** From all that may go on anywhere and lie on one side: below while it is gone up (1), above while it is gone down (−1). */
    private void along(int way) {
        long least = Long.MAX_VALUE;
        int cheapest = -1;
        int next = way > 0 ? 0 : size - 1;
        for (int g = way > 0 ? 0 : goalCount - 1; g >= 0 && g < goalCount; g += way) {
            int pitch = goals[g];
            for (; next >= 0 && next < size && way * (pitch - pitches[next]) > 0; next += way) {
                long cost = costs[next] - A_SEMITONE * way * pitches[next];
                cheapest = cost < least ? next : cheapest;
                least = Math.min(cost, least);
            }
            if (cheapest >= 0) {
                reach(pitch, pitches[cheapest], costs[cheapest]);
                // Where the cheapest lies far away, one that is near may be cheaper after all.
                for (int near = next - way; near != cheapest && isFar(pitch, pitches[cheapest]) && !isFar(pitch, pitches[near]); near -= way) {
                    reach(pitch, pitches[near], costs[near]);
                }
            }
        }
    }

    private static boolean isFar(int pitch, int from) {
        return Math.abs(pitch - from) > PitchClass.COUNT;
    }

    /** A pitch may be reached from another one that costs so much by itself. */
    private void reach(int pitch, int from, long cost) {
        long leap = A_SEMITONE * Math.abs(pitch - from) + (isFar(pitch, from) ? (long) FAR_LEAP << INDEX_BITS : 0);
        reached[pitch] = Math.min(reached[pitch], cost + leap);
    }

    /** From those that lead there. */
    private void lead(BassCandidates before, int[] best) {
        int first = 0;
        for (int g = 0; g < goalCount && first < before.leadingSize(); g++) {
            int pitch = goals[g];
            while (first < before.leadingSize() && before.pitch(before.leading(first)) < pitch - BassCandidates.MOST_OF_A_STEP) {
                first++;
            }
            for (int l = first; l < before.leadingSize() && before.pitch(before.leading(l)) <= pitch + BassCandidates.MOST_OF_A_STEP; l++) {
                int index = before.leading(l);
                if (before.leads(index, pitch)) {
                    reach(pitch, before.pitch(index), together(best[index], index));
                }
            }
        }
    }
}
