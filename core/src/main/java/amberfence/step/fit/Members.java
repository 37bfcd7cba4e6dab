package amberfence.step.fit;

import amberfence.reading.RulingChords;
import amberfence.step.Reason;

/** Reasons that name the member of a chord. */
final class Members {
    private Members() {
    }

    /** Because a pitch is that member of a chord. */
    static Reason reason(RulingChords ruling, int chord, int pitch) {
        return new Reason.FromChord(ruling.text(chord), ruling.role(chord, pitch));
    }
}
