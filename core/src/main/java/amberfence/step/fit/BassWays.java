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
        size = before.plainSize();
        for (int i = 0; i < size; i++) {
            int index = before.plain(i);
            pitches[i] = before.pitch(index);
            costs[i] = together(best[index], index);
        }
        up(here);
        down(here);
        lead(before, best, here);
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

    /** From below, and from the same pitch. */
    private void up(BassCandidates here) {
        long below = Long.MAX_VALUE;
        int least = 0;
        int next = 0;
        for (int h = 0; h < here.size(); h++) {
            int pitch = here.pitch(h);
            if (h > 0 && pitch == here.pitch(h - 1)) {
                continue;
            }
            for (; next < size && pitches[next] < pitch; next++) {
                long cost = costs[next] - A_SEMITONE * pitches[next];
                least = cost < below ? next : least;
                below = Math.min(cost, below);
            }
            boolean same = next < size && pitches[next] == pitch;
            long way = same ? costs[next] + (here.sort(h) == Sort.FIXED ? 0 : (long) variety << INDEX_BITS) : Long.MAX_VALUE;
            if (next > 0) {
                way = Math.min(way, below + A_SEMITONE * pitch + far(pitch - pitches[least]));
                // Where the cheapest lies far away, one that is near may be cheaper after all.
                for (int near = next - 1; near > least && pitch - pitches[least] > PitchClass.COUNT && pitch - pitches[near] <= PitchClass.COUNT; near--) {
                    way = Math.min(way, costs[near] + A_SEMITONE * (pitch - pitches[near]));
                }
            }
            reached[pitch] = way;
        }
    }

    /** From above. */
    private void down(BassCandidates here) {
        long above = Long.MAX_VALUE;
        int least = 0;
        int next = size - 1;
        for (int h = here.size() - 1; h >= 0; h--) {
            int pitch = here.pitch(h);
            if (h > 0 && pitch == here.pitch(h - 1)) {
                continue;
            }
            for (; next >= 0 && pitches[next] > pitch; next--) {
                long cost = costs[next] + A_SEMITONE * pitches[next];
                least = cost < above ? next : least;
                above = Math.min(cost, above);
            }
            if (next < size - 1) {
                long way = Math.min(reached[pitch], above - A_SEMITONE * pitch + far(pitches[least] - pitch));
                for (int near = next + 1; near < least && pitches[least] - pitch > PitchClass.COUNT && pitches[near] - pitch <= PitchClass.COUNT; near++) {
                    way = Math.min(way, costs[near] + A_SEMITONE * (pitches[near] - pitch));
                }
                reached[pitch] = way;
            }
        }
    }

    private static long far(int semitones) {
        return semitones > PitchClass.COUNT ? (long) FAR_LEAP << INDEX_BITS : 0;
    }

    /** From those that lead there. */
    private void lead(BassCandidates before, int[] best, BassCandidates here) {
        int first = 0;
        for (int h = 0; h < here.size() && first < before.leadingSize(); h++) {
            int pitch = here.pitch(h);
            if (h > 0 && pitch == here.pitch(h - 1)) {
                continue;
            }
            while (first < before.leadingSize() && before.pitch(before.leading(first)) < pitch - BassCandidates.MOST_OF_A_STEP) {
                first++;
            }
            for (int l = first; l < before.leadingSize() && before.pitch(before.leading(l)) <= pitch + BassCandidates.MOST_OF_A_STEP; l++) {
                int index = before.leading(l);
                if (before.leads(index, pitch)) {
                    reached[pitch] = Math.min(reached[pitch], together(best[index] + LEAP * Math.abs(pitch - before.pitch(index)), index));
                }
            }
        }
    }
}
