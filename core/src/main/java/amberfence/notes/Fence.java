package amberfence.notes;

import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scale;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * What is inside: the keys of the song by bar, the pitch classes that are always allowed, and single notes that are
 * allowed by hand; and the song's own scales, which can be chosen again.
 */
public record Fence(KeyPlan keys, PitchClassSet alwaysAllowed, NoteSet allowedNotes, List<Scale> ownScales) {
    public Fence {
        ownScales = List.copyOf(ownScales);
    }

    public static Fence of(KeyPlan keys) {
        return of(keys, PitchClassSet.EMPTY);
    }

    public static Fence of(KeyPlan keys, PitchClassSet alwaysAllowed) {
        return new Fence(keys, alwaysAllowed, NoteSet.NONE, List.of());
    }

    public Fence withKeys(KeyPlan newKeys) {
        return new Fence(newKeys, alwaysAllowed, allowedNotes, ownScales);
    }

    /** Allows a pitch class that was not allowed, or the other way round. */
    public Fence withToggled(PitchClass pitchClass) {
        return new Fence(keys, alwaysAllowed.contains(pitchClass)
                ? alwaysAllowed.minus(pitchClass) : alwaysAllowed.plus(pitchClass), allowedNotes, ownScales);
    }

    public Fence withAllowedNotes(NoteSet notes) {
        return new Fence(keys, alwaysAllowed, notes, ownScales);
    }

    /** Allows single notes by hand, or no longer. */
    public Fence withAllowed(Collection<Long> notes, boolean allowed) {
        return withAllowedNotes(allowedNotes.with(notes, allowed));
    }

    /** Keeps a scale among the song's own; one of the same name is replaced. */
    public Fence plusScale(Scale scale) {
        List<Scale> scales = new ArrayList<>(ownScales);
        scales.removeIf(old -> old.name().equals(scale.name()));
        scales.add(scale);
        return new Fence(keys, alwaysAllowed, allowedNotes, scales);
    }

    /** The same without one of the song's own scales; keys that use it keep it. */
    public Fence minusScale(Scale scale) {
        return new Fence(keys, alwaysAllowed, allowedNotes,
                ownScales.stream().filter(old -> !old.equals(scale)).toList());
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
        return new FenceLine(starts, inside, keys, allowedNotes);
    }
}
