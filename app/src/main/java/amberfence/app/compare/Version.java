package amberfence.app.compare;

import amberfence.app.session.Results;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.song.Part;
import java.util.ArrayList;
import java.util.List;

/**
 * One version of a part.
 *
 * @param take index of a take
 * @param withSteps whether its steps count
 */
record Version(int take, boolean withSteps) {
    /** All versions of a part: every take, and those with steps before them as well. */
    static List<Version> of(Part part) {
        List<Version> all = new ArrayList<>();
        for (int i = 0; i < part.takes().size(); i++) {
            if (!part.takes().get(i).steps().isEmpty()) {
                all.add(new Version(i, true));
            }
            all.add(new Version(i, false));
        }
        return all;
    }

    Line line(Results results, int partId) {
        return withSteps ? results.take(partId, take) : results.song().part(partId).takes().get(take).line();
    }

    String words(Part part) {
        var own = part.takes().get(take);
        return own.steps().isEmpty() ? own.name() : Words.say(withSteps ? "compare.withSteps" : "compare.before", own.name());
    }
}
