package amberfence.step.draw;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * So many beats spread over so many cells as evenly as can be: Bjorklund's algorithm (Toussaint, The Euclidean algorithm
 * generates traditional musical rhythms, 2005).
 */
final class EvenRhythm {
    private EvenRhythm() {
    }

    /** Which cells sound: {@code x..x..x.} for 3 of 8. */
    static List<Boolean> of(int beats, int cells) {
        if (beats == 0) {
            return Collections.nCopies(cells, false);
        }
        List<List<Boolean>> heads = new ArrayList<>(Collections.nCopies(beats, List.of(true)));
        List<List<Boolean>> tails = new ArrayList<>(Collections.nCopies(cells - beats, List.of(false)));
        // What is left over is dealt out to what is complete, at least once, until at most one of it is left.
        boolean dealt = false;
        while (!tails.isEmpty() && (!dealt || tails.size() > 1)) {
            int pairs = Math.min(heads.size(), tails.size());
            List<List<Boolean>> joined = new ArrayList<>();
            for (int i = 0; i < pairs; i++) {
                List<Boolean> pair = new ArrayList<>(heads.get(i));
                pair.addAll(tails.get(i));
                joined.add(pair);
            }
            tails = heads.size() > pairs ? new ArrayList<>(heads.subList(pairs, heads.size())) : new ArrayList<>(tails.subList(pairs, tails.size()));
            heads = joined;
            dealt = true;
        }
        List<Boolean> rhythm = new ArrayList<>();
        heads.forEach(rhythm::addAll);
        tails.forEach(rhythm::addAll);
        return rhythm;
    }
}
