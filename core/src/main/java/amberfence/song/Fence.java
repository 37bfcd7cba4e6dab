package amberfence.song;

import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;

/** What is inside: the keys of the song by bar, and the pitch classes that are always allowed. */
public record Fence(KeyPlan keys, PitchClassSet alwaysAllowed) {
    public static Fence of(KeyPlan keys) {
        return new Fence(keys, PitchClassSet.EMPTY);
    }

    public Fence withKeys(KeyPlan newKeys) {
        return new Fence(newKeys, alwaysAllowed);
    }

    /** Allows a pitch class that was not allowed, or the other way round. */
    public Fence withToggled(PitchClass pitchClass) {
        return new Fence(keys, alwaysAllowed.contains(pitchClass)
                ? alwaysAllowed.minus(pitchClass) : alwaysAllowed.plus(pitchClass));
    }

    /** The pitch classes inside during one key span. */
    public PitchClassSet inside(int span) {
        return keys.spans().get(span).key().pitchClasses().union(alwaysAllowed);
    }

    /** The fence laid along the ticks of a song. */
    public FenceLine along(TimeMap time) {
        long[] starts = keys.spans().stream().mapToLong(span -> time.barStart(span.fromBar())).toArray();
        PitchClassSet[] inside = new PitchClassSet[starts.length];
        for (int i = 0; i < inside.length; i++) {
            inside[i] = inside(i);
        }
        return new FenceLine(starts, inside, keys);
    }
}
