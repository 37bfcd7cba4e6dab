package amberfence.theory;

import amberfence.words.Texts;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The catalogue of named scales, read from the table {@code scales.txt} beside this class. A row is what a musician
 * writes; all else is computed from it. The reader refuses a row that it cannot read, or a name that stands twice,
 * with the line number.
 */
public final class Scales {
    private static final String MARKS = "-_’'";
    private static final Pattern FLAT = Pattern.compile("\\bflat ?(?=[1-9])");
    private static final Pattern SHARP = Pattern.compile("\\bsharp ?(?=[1-9])");
    private static final Pattern NOISE = Pattern.compile("\\b(scale|mode)\\b");
    private static final Pattern SPACES = Pattern.compile("\\s+");
    private static final Scales CATALOGUE = load();
    public static final Scale MAJOR = CATALOGUE.byName.get("major");
    public static final Scale MINOR = CATALOGUE.byName.get("minor");
    public static final Scale CHROMATIC = CATALOGUE.byName.get("chromatic");

    private final List<Scale> all;
    private final Map<String, Scale> byName;

    private Scales(List<Scale> all, Map<String, Scale> byName) {
        this.all = List.copyOf(all);
        this.byName = Map.copyOf(byName);
    }

    /** Every scale in the order of the table. */
    public static List<Scale> all() {
        return CATALOGUE.all;
    }

    /** The scale of a name or synonym, generously read: case, hyphens, "scale", "mode" and ♭/b do not matter. */
    public static Optional<Scale> named(String name) {
        return Optional.ofNullable(CATALOGUE.byName.get(normal(name)));
    }

    /** The scales with exactly these semitones above the tonic, in the order of the table. */
    public static List<Scale> sounding(PitchClassSet semitones) {
        return all().stream().filter(scale -> scale.semitones().equals(semitones)).toList();
    }

    /** Names and synonyms nearest to what was typed, best first. */
    public static List<String> nearestNames(String typed, int count) {
        String wanted = normal(typed);
        return CATALOGUE.byName.keySet().stream()
                .sorted(Comparator.<String>comparingInt(name -> editDistance(wanted, name))
                        .thenComparing(Comparator.naturalOrder()))
                .limit(count).toList();
    }

    static String normal(String name) {
        String plain = Accidental.plain(name).toLowerCase(Locale.ROOT);
        if (plain.contains("flat") || plain.contains("sharp") || plain.contains("scale") || plain.contains("mode")) {
            plain = FLAT.matcher(spaced(plain)).replaceAll("b");
            plain = SHARP.matcher(plain).replaceAll("#");
            plain = NOISE.matcher(plain).replaceAll(" ");
        }
        return spaced(plain);
    }

    /** Words with one space between them, where marks and any spaces were. */
    private static String spaced(String text) {
        StringBuilder words = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char letter = text.charAt(i);
            if (!Character.isWhitespace(letter) && MARKS.indexOf(letter) < 0) {
                words.append(letter);
            } else if (words.length() > 0 && words.charAt(words.length() - 1) != ' ') {
                words.append(' ');
            }
        }
        return words.toString().strip();
    }

    private static Scales load() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Scales.class.getResourceAsStream("scales.txt"), StandardCharsets.UTF_8))) {
            return parse(in.lines().toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads the table's lines; see the head of {@code scales.txt} for the grammar. */
    static Scales parse(List<String> lines) {
        List<Scale> all = new ArrayList<>();
        Map<String, Scale> byName = new LinkedHashMap<>();
        String group = "";
        for (int line = 1; line <= lines.size(); line++) {
            String text = lines.get(line - 1).strip();
            if (text.startsWith("==")) {
                group = text.substring(2).strip();
            } else if (!text.isEmpty() && !text.startsWith("#")) {
                try {
                    add(row(text, group), all, byName);
                } catch (IllegalArgumentException e) {
                    throw new IllegalArgumentException(Texts.say("scales.txt, line %s: %s", line, e.getMessage()), e);
                }
            }
        }
        return new Scales(all, byName);
    }

    private static Scale row(String text, String group) {
        String[] cells = text.split("\\|", -1);
        if (cells.length != 3 || group.isEmpty()) {
            throw new IllegalArgumentException(Texts.say("a row is: name | synonyms | degrees, below a == group line"));
        }
        List<String> synonyms = Arrays.stream(cells[1].split(",")).map(String::strip).filter(s -> !s.isEmpty()).toList();
        List<Degree> degrees = Arrays.stream(SPACES.split(cells[2].strip())).map(Degree::parse).toList();
        return new Scale(cells[0].strip(), synonyms, degrees, group);
    }

    private static void add(Scale scale, List<Scale> all, Map<String, Scale> byName) {
        all.add(scale);
        List<String> names = new ArrayList<>(scale.synonyms());
        names.add(0, scale.name());
        for (String name : names) {
            if (byName.put(normal(name), scale) != null) {
                throw new IllegalArgumentException(Texts.say("the name “%s” stands twice", name));
            }
        }
        // What is read is typed again; in files a scale has its own name.
        byName.putIfAbsent(normal(Texts.say(scale.name())), scale);
    }

    public static int editDistance(String a, String b) {
        int[] row = new int[b.length() + 1];
        Arrays.setAll(row, i -> i);
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int replace = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(replace, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
