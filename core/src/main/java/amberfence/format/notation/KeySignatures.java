package amberfence.format.notation;

import amberfence.theory.Degree;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Keys as a number of fifths and a mode, both ways; signatures have seven signs at the most. */
public final class KeySignatures {
    private static final int MOST = 7;
    /** How many fifths the tonic of a mode lies above that of the major key with the same signs; the names are those of the standard. */
    private static final Map<String, Integer> MODES = Stream.of("major 0", "minor 3", "dorian 2", "phrygian 4", "lydian -1", "mixolydian 1", "aeolian 3",
            "ionian 0", "locrian 5").map(line -> line.split(" ")).collect(Collectors.toMap(pair -> pair[0], pair -> Integer.parseInt(pair[1])));
    private static final List<String> NAMED = List.of("major", "minor", "dorian", "phrygian", "lydian", "mixolydian", "locrian");

    /**
     * A key as it is written.
     *
     * @param key with a tonic that its signature can have
     */
    public record Signature(int fifths, String mode, Key key) {
    }

    private KeySignatures() {
    }

    private static int folded(int fifths) {
        int folded = fifths;
        while (folded > MOST) {
            folded -= 12;
        }
        while (folded < -MOST) {
            folded += 12;
        }
        return folded;
    }

    /** The key of a signature; a mode that is missing or unknown is major. */
    public static Key read(int fifths, String mode) {
        String plain = mode == null ? "major" : mode.strip().toLowerCase(Locale.ROOT);
        Scale scale = Optional.of(plain).filter(MODES::containsKey).flatMap(Scales::named).orElse(Scales.MAJOR);
        int tonic = folded(Math.max(-99, Math.min(99, fifths))) + MODES.getOrDefault(plain, 0);
        return new Key(NoteName.ofFifths(tonic).withOneSign(), scale);
    }

    public static Signature write(Key key) {
        String mode = mode(key.scale());
        int written = key.tonic().fifths() - MODES.get(mode);
        int fifths = folded(written);
        return new Signature(fifths, mode, fifths == written ? key : key.withTonic(NoteName.ofFifths(key.tonic().fifths() + fifths - written).withOneSign()));
    }

    /** Church modes as they are named; of all else the nearer of major and minor: the one with more of its notes, of two alike by the third. */
    private static String mode(Scale scale) {
        if (NAMED.contains(scale.name())) {
            return scale.name();
        }
        long major = shared(scale, Scales.MAJOR);
        long minor = shared(scale, Scales.MINOR);
        boolean third = scale.degrees().contains(Degree.parse("b3")) && !scale.degrees().contains(Degree.parse("3"));
        boolean isMinor = scale.name().endsWith("minor") || (major == minor ? third : minor > major);
        return isMinor ? "minor" : "major";
    }

    private static long shared(Scale scale, Scale other) {
        return scale.semitones().members().stream().filter(other.semitones()::contains).count();
    }
}
