package amberfence.step.fit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.step.fit.BassCandidates.Sort;
import amberfence.theory.PitchClassSet;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The cheapest ways into each pitch of a bassline, beside trying every way. */
class BassWaysTest {
    private static final PitchClassSet C_MAJOR = PitchClassSet.of(0, 2, 4, 5, 7, 9, 11);

    /** What it costs to go from a candidate to a pitch: three for each semitone, 400 more beyond an octave, and for a repeated pitch. */
    private static int cost(BassCandidates before, int index, int pitch, boolean isFixed, int variety) {
        int leap = Math.abs(pitch - before.pitch(index));
        return 3 * leap + (leap > 12 ? 400 : 0) + (leap == 0 && !isFixed ? variety : 0);
    }

    private static BassCandidates any(Random random, PitchClassSet goals) {
        BassCandidates candidates = new BassCandidates();
        candidates.begin(C_MAJOR, goals);
        int low = 20 + random.nextInt(40);
        boolean leads = random.nextBoolean();
        candidates.add(low, Sort.CHORD, 0);
        for (int pitch = low + 1; pitch <= low + 24; pitch++) {
            if (random.nextInt(3) > 0) {
                candidates.add(pitch, random.nextBoolean() ? Sort.CHORD : Sort.SCALE, 0);
            }
            if (leads && candidates.stepping().containsPitch(pitch)) {
                candidates.add(pitch, Sort.STEP, 0);
            }
            if (leads && candidates.nextTo().containsPitch(pitch)) {
                candidates.add(pitch, Sort.SEMITONE, 0);
            }
        }
        return candidates;
    }

    @Property(tries = 2_000)
    void theWayIntoEachPitchIsTheFirstOfTheCheapest(@ForAll long seed, @ForAll @IntRange(min = 0, max = 100) int variety, @ForAll boolean fixed) {
        Random random = new Random(seed);
        PitchClassSet goals = PitchClassSet.of(random.nextInt(12), random.nextInt(12));
        BassCandidates before = any(random, goals);
        // Few different costs bring many that cost the same, large ones bring the far leaps in.
        int most = random.nextBoolean() ? 4 : 600;
        int[] best = random.ints(before.size(), 0, most).toArray();
        BassCandidates here = any(random, goals);
        if (fixed) {
            here.begin();
            here.add(40, Sort.FIXED, 0);
        }
        BassWays ways = new BassWays(variety);
        ways.find(before, best, here);
        for (int h = 0; h < here.size(); h++) {
            int pitch = here.pitch(h);
            int first = -1;
            int least = Integer.MAX_VALUE;
            for (int b = 0; b < before.size(); b++) {
                int cost = best[b] + cost(before, b, pitch, fixed, variety);
                if ((!before.sort(b).leads() || before.leads(b, pitch)) && cost < least) {
                    least = cost;
                    first = b;
                }
            }
            assertThat(ways.cost(pitch)).as("what it costs to come to %s", pitch).isEqualTo(least);
            assertThat(ways.from(pitch)).as("from where %s is reached", pitch).isEqualTo(first);
        }
    }

    @Test
    void aStepGoesToTheNextNoteOfTheScaleAndASemitoneBesideIt() {
        BassCandidates candidates = new BassCandidates();
        candidates.begin(C_MAJOR, PitchClassSet.of(0));
        assertThat(candidates.stepping().numbers()).as("C sharp, D and B; from B flat B is nearer").containsExactly(1, 2, 11);
        assertThat(candidates.nextTo().numbers()).containsExactly(1, 11);
        candidates.add(35, Sort.STEP, 0);
        candidates.add(38, Sort.STEP, 0);
        candidates.add(38, Sort.SEMITONE, 0);
        assertThat(candidates.leads(0, 36)).as("from B to C").isTrue();
        assertThat(candidates.leads(1, 36)).as("from D to C").isTrue();
        assertThat(candidates.leads(1, 41)).as("from D to F").isFalse();
        assertThat(candidates.leads(2, 36)).as("from D to C is no semitone").isFalse();
    }
}
