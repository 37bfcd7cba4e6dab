package amberfence.theory;

import amberfence.words.Texts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the names of keys as people type them: {@code D dorian}, {@code Bb minor}, {@code F# phrygian dominant},
 * {@code c harmonic minor}, {@code Am}, {@code E flat major}, {@code G} (major), {@code D 0 2 3 7 8} (own scale).
 */
final class KeyNames {
    private static final Pattern TONIC = Pattern.compile(
            "([A-Ga-g])(?:[ -]?(sharp|flat)\\b|([#b]))?[ -]*(.*)", Pattern.DOTALL);
    private static final Map<String, String> SHORT = Map.ofEntries(
            Map.entry("", "major"), Map.entry("maj", "major"), Map.entry("m", "minor"), Map.entry("min", "minor"),
            Map.entry("dor", "dorian"), Map.entry("phryg", "phrygian"), Map.entry("lyd", "lydian"),
            Map.entry("mixo", "mixolydian"), Map.entry("mix", "mixolydian"), Map.entry("aeol", "aeolian"),
            Map.entry("ion", "ionian"), Map.entry("loc", "locrian"), Map.entry("pent", "major pentatonic"),
            Map.entry("harm minor", "harmonic minor"), Map.entry("harm min", "harmonic minor"),
            Map.entry("harmonic min", "harmonic minor"), Map.entry("mel minor", "melodic minor"),
            Map.entry("mel min", "melodic minor"), Map.entry("minor pent", "minor pentatonic"),
            Map.entry("major pent", "major pentatonic"), Map.entry("min pent", "minor pentatonic"));

    private KeyNames() {
    }

    static Key parse(String text) {
        String plain = Accidental.plain(TextLimit.KEY.check(text)).strip();
        Matcher matcher = TONIC.matcher(plain);
        if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("“%s” is no key: a key begins with a note name A to G, as in D dorian",
                    text.strip()), List.of("C major", "A minor", "D dorian"));
        }
        Optional<Key> key = read(matcher, matcher.group(4), true);
        if (key.isEmpty() && (matcher.group(2) != null || matcher.group(3) != null)) {
            // What looked like a sign of the tonic may begin the scale's name: B blues, F flat six pentatonic.
            String begins = matcher.group(2) != null ? matcher.group(2) + " " : matcher.group(3);
            key = read(matcher, begins + matcher.group(4), false);
        }
        return key.orElseThrow(() -> unknownScale(text.strip(), matcher));
    }

    private static Optional<Key> read(Matcher matcher, String scaleText, boolean withSign) {
        String rest = Scales.normal(scaleText);
        if (rest.matches("[0-9][0-9 ,]*")) {
            return Optional.of(new Key(tonic(matcher, withSign), Scale.parseSemitones("own", rest)));
        }
        return Scales.named(SHORT.getOrDefault(rest, rest)).map(scale -> new Key(tonic(matcher, withSign), scale));
    }

    private static NoteName tonic(Matcher matcher, boolean withSign) {
        String sign = matcher.group(2) != null ? matcher.group(2).equals("flat") ? "b" : "#" : matcher.group(3);
        return NoteName.parse(matcher.group(1) + (withSign && sign != null ? sign : ""));
    }

    private static MusicTextException unknownScale(String text, Matcher matcher) {
        NoteName tonic = tonic(matcher, true);
        List<String> nearest = Scales.nearestNames(matcher.group(4), 3).stream()
                .map(name -> tonic.plainText() + " " + name).toList();
        return new MusicTextException(Texts.say("“%s” is no key: %s is understood as the tonic, but “%s” is no scale known here; nearest are %s",
                text, tonic, matcher.group(4).strip(), String.join(", ", nearest)), nearest);
    }
}
