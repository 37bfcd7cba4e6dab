package amberfence.step.fit;

import amberfence.step.ChordSource;
import amberfence.step.Step;
import java.util.Set;

/** A step that answers to chords: those of the progression, or of another part. */
public interface FitStep extends Step {
    /** Where the chords come from, and what counts where there is none. */
    ChordSource source();

    /** The same step with its chords from elsewhere. */
    FitStep withSource(ChordSource source);

    @Override
    default boolean followsProgression() {
        return source().part() == ChordSource.PROGRESSION;
    }

    @Override
    default Set<Integer> listensTo() {
        return source().part() == ChordSource.PROGRESSION ? Set.of() : Set.of(source().part());
    }
}
