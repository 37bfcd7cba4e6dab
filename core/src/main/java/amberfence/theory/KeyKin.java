package amberfence.theory;

import java.util.Optional;
import java.util.stream.IntStream;

/** Keys that stand near another one: major and minor on the same notes, or on the same tonic. */
public enum KeyKin {
    /** The minor key with the same notes: of C major, A minor. */
    RELATIVE_MINOR(Scales.MINOR, 9),
    /** The major key with the same notes: of A minor, and of D dorian, C major. */
    RELATIVE_MAJOR(Scales.MAJOR, 3),
    /** The minor key on the same tonic. */
    PARALLEL_MINOR(Scales.MINOR, 0),
    /** The major key on the same tonic. */
    PARALLEL_MAJOR(Scales.MAJOR, 0);

    private final Scale scale;
    /** Where the relative's tonic stands when no key of the scale has the same notes, as of harmonic minor. */
    private final int semitones;

    KeyKin(Scale scale, int semitones) {
        this.scale = scale;
        this.semitones = semitones;
    }

    /** The kin of a key; empty where that is the key itself. */
    public Optional<Key> of(Key key) {
        if (key.scale().equals(scale)) {
            return Optional.empty();
        }
        return Optional.of(semitones == 0 ? key.withScale(scale) : relative(key));
    }

    private Key relative(Key key) {
        return IntStream.range(0, PitchClass.COUNT).mapToObj(tonic -> Key.of(new PitchClass(tonic), scale))
                .filter(other -> other.pitchClasses().equals(key.pitchClasses())).findFirst()
                .orElseGet(() -> Key.of(key.tonic().pitchClass().plus(semitones), scale));
    }
}
