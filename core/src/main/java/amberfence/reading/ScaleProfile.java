package amberfence.reading;

import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/**
 * Profiles for scales that have none of their own. Own derivation, no source: the profile of major or minor, whichever
 * shares the third, with the values of exchanged degrees exchanged; degrees that a smaller scale lacks weigh as little
 * as the least of the profile.
 */
final class ScaleProfile {
    private static final Map<String, Double> RARITY = Map.of("dorian", 0.01, "mixolydian", 0.015, "phrygian", 0.04,
            "lydian", 0.03, "locrian", 0.15, "major pentatonic", 0.02, "minor pentatonic", 0.02);

    private ScaleProfile() {
    }

    static double[] of(Scale scale, KeyProfile profile) {
        boolean major = isMajorLike(scale);
        double[] values = profile.copy(major);
        PitchClassSet plain = plain(scale).semitones();
        PitchClassSet own = scale.semitones();
        double least = Arrays.stream(values).min().orElseThrow();
        for (int semitone = 1; semitone < 12; semitone++) {
            if (!plain.containsPitch(semitone) || own.containsPitch(semitone)) {
                continue;
            }
            int partner = partner(semitone, own, plain);
            double value = values[semitone];
            values[semitone] = partner < 0 ? least : values[partner];
            if (partner >= 0) {
                values[partner] = value;
            }
        }
        return values;
    }

    /** The semitone next to a lost degree that the scale has and plain major or minor has not, or −1. */
    private static int partner(int semitone, PitchClassSet own, PitchClassSet plain) {
        for (int near : new int[] {semitone + 1, semitone - 1}) {
            if (near > 0 && near < 12 && own.containsPitch(near) && !plain.containsPitch(near)) {
                return near;
            }
        }
        return -1;
    }

    private static boolean isMajorLike(Scale scale) {
        return scale.semitones().containsPitch(4);
    }

    private static Scale plain(Scale scale) {
        return isMajorLike(scale) ? Scales.MAJOR : Scales.MINOR;
    }

    /** What a scale loses for being rarer in songs than major and minor; common practice, no source. */
    static double rarity(Scale scale) {
        return RARITY.getOrDefault(scale.name(), 0.0);
    }

    /** The first note that tells a seven-note scale from plain major or minor. */
    static Optional<KeyEvidence> colour(Key key, int[] counts) {
        PitchClassSet own = key.scale().semitones();
        PitchClassSet plain = plain(key.scale()).semitones();
        for (int semitone = 1; semitone < 12; semitone++) {
            int lost = partner(semitone, plain, own);
            if (own.containsPitch(semitone) && !plain.containsPitch(semitone) && lost > 0) {
                PitchClass ownNote = key.tonic().pitchClass().plus(semitone);
                PitchClass plainNote = key.tonic().pitchClass().plus(lost);
                return Optional.of(new KeyEvidence.Colour(ownNote, counts[ownNote.number()], plainNote,
                        counts[plainNote.number()]));
            }
        }
        return Optional.empty();
    }
}
