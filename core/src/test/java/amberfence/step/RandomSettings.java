package amberfence.step;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Steps with settings drawn from their schemas, for tests that hold for every step. */
final class RandomSettings {
    private static final String[] KEYS = {"C major", "Bb minor", "F# dorian", "D 0 2 3 7 8", "A minor pentatonic"};
    private static final String[] GRIDS = {"1/4", "1/8", "1/8t", "1/16", "1/8.", "1/32"};
    private static final String[] PATTERNS = {"x", "x-.", "x-x.", "xx.-", "x..x--"};
    private static final String[] LINES = {"third above", "sixth below", "third above, fifth above", "octave below, second above"};
    private static final String[] FIGURES = {"whole", "first:1bars", "first:2bars", "drawn::960t:0/240/0/0/0/0/80,480/700/2/-1/-2/1/90",
        "drawn:F:480t:0/240/4/1/0/0/60"};
    /** What is written as text, by its key. */
    private static final Map<String, String[]> WRITTEN = Map.ofEntries(
            Map.entry("home", new String[] {"own", "Em7", "C"}),
            Map.entry("then", new String[] {"0 octaves", "1 octave", "2 degrees", "-3 degrees"}),
            Map.entry("accents", new String[] {"100", "120,60,80", "50,400"}),
            Map.entry("which", new String[] {"lowest", "below:2", "above:3", "line:1/2", "line:3/4"}),
            Map.entry("range", new String[] {"none", "E1..E3", "C3..C6"}),
            Map.entry("chord", new String[] {"in-key", "maj", "m7", "13", "bank"}),
            Map.entry("note-is", new String[] {"root", "bass", "top", "member:2", "member:5"}),
            Map.entry("drop", new String[] {"none", "2", "3", "2+4"}),
            Map.entry("longest", new String[] {"1bars", "1/2", "4bars"}),
            Map.entry("rhythm", new String[] {"every:1/8", "even:3/8@0", "even:5/8@2", "density:40%"}),
            Map.entry("length", new String[] {"1/32..1/4", "60ms..1/8"}),
            Map.entry("bars", new String[] {"pick", "1..2", "2..9"}),
            Map.entry("shape", new String[] {"0:64,100:64", "0:20,50:120,100:1"}),
            Map.entry("every", new String[] {"pick", "1bars", "2bars"}),
            Map.entry("points", new String[] {"0:0,50:75,100:100", "25:10", "10:60,50:61,90:99"}),
            Map.entry("grid", new String[] {"none", "1/16", "1/8t"}),
            Map.entry("velocity", new String[] {"70..100", "64..64"}));
    private final Random random;

    RandomSettings(Random random) {
        this.random = random;
    }

    /** A step of a kind; what speaks of one song's notes stays as it usually is. */
    <S extends Step> S step(StepSchema<S> schema) {
        for (int tries = 0;; tries++) {
            Map<String, String> values = new LinkedHashMap<>();
            for (StepSetting<S> setting : schema.settings()) {
                if (random.nextInt(4) > 0) {
                    values.put(setting.key(), value(setting.key(), setting.type(), values));
                }
            }
            try {
                return schema.read(values, SettingTexts.ALONE);
            } catch (IllegalArgumentException e) {
                if (tries > 50) {
                    throw e;
                }
            }
        }
    }

    private String value(String key, SettingType type, Map<String, String> before) {
        return switch (type.kind()) {
            case CHOICE -> type.values().get(random.nextInt(type.values().size()));
            case CHOICES -> choices(type.values());
            case FLAG -> random.nextBoolean() ? "on" : "off";
            case WHOLE -> Long.toString(type.least().getAsLong() + random.nextInt((int) (type.most().getAsLong() - type.least().getAsLong()
                    + 1)));
            case SEED -> Long.toString(random.nextInt());
            case PERCENT -> type.least().getAsLong() + random.nextInt((int) (type.most().getAsLong() - type.least().getAsLong() + 1)) + "%";
            case PITCH -> Integer.toString(40 + random.nextInt(40));
            case PITCHES -> pitches();
            case KEY -> any(KEYS);
            case NOTE_VALUE -> key.equals("longest") ? "1/" + (1 << random.nextInt(7)) : any(GRIDS);
            case PATTERN -> any(PATTERNS);
            case CHORDS -> any(new String[] {"progression", "chord-parts"});
            case FIGURE -> any(FIGURES);
            case LINES -> any(LINES);
            case LENGTH -> any(new String[] {"1/32", "1/8t", "60ms", "30t", "0t", "3000ms"});
            case PART -> "1";
            case WRITTEN -> any(WRITTEN.get(type.unit().startsWith("two velocities") ? "velocity" : type.unit().contains("bars as in") ? "bars" : key));
            case AMOUNT -> switch (before.getOrDefault("how", "legato")) {
                case "staccato", "share" -> 1 + random.nextInt(150) + "%";
                case "offset", "close-gaps", "fill" -> 1 + random.nextInt(300) + "t";
                default -> "";
            };
        };
    }

    private String choices(List<String> values) {
        List<String> chosen = new ArrayList<>(values.stream().filter(value -> random.nextBoolean()).toList());
        return chosen.isEmpty() ? "none" : String.join(",", chosen);
    }

    private String pitches() {
        int low = 30 + random.nextInt(40);
        return low + ".." + (low + 11 + random.nextInt(24));
    }

    private String any(String[] values) {
        return values[random.nextInt(values.length)];
    }
}
