package amberfence.step;

import amberfence.notes.ChordBank;
import amberfence.notes.Line;
import java.util.List;
import java.util.Set;

/** One adjustable change to a part: an immutable record whose components are its settings. */
public interface Step {
    /** What the step makes of a line. Pure: the same line, settings and surroundings always give the same outcome. */
    Outcome apply(Line in, Surroundings around);

    /**
     * What the step makes of a line, whatever comes: one that fails, or that would make more notes than anybody wants, lets
     * the notes pass and says so.
     */
    default Outcome tried(Line in, Surroundings around) {
        try {
            return apply(in, around);
        } catch (StoppedException e) {
            throw e;
        } catch (Work.TooMuch e) {
            return Outcome.unchanged(in, List.of(new Finding.TooMuch()));
        } catch (RuntimeException | StackOverflowError e) {
            return Outcome.unchanged(in, List.of(new Finding.Failed(e)));
        }
    }

    /** The same step with settings that suit a line, where the usual ones cannot know it. */
    default Step fitted(Line line, Surroundings around) {
        return this;
    }

    /** Identities of the parts whose notes, after their steps, the step asks for. */
    default Set<Integer> listensTo() {
        return Set.of();
    }

    /** Whether the step answers to the song's progression, so that it follows what is done to it. */
    default boolean followsProgression() {
        return false;
    }

    /** Whether the step asks for the song's chords on keys, or for where the song ends. */
    default boolean asksForSong() {
        return false;
    }

    /**
     * The step itself.
     *
     * @throws amberfence.theory.MusicTextException when a song lacks what the step cannot do without
     */
    default Step checkedFor(ChordBank bank) {
        return this;
    }

    /** The surroundings of the steps that follow; a step to another key takes the fence along. */
    default Surroundings following(Surroundings around) {
        return around;
    }
}
