package amberfence.theory;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** The table of chord kinds, {@code chord-kinds.txt}; a row is what a musician writes, all else is computed from it. */
public final class ChordKinds {
    private static final ChordKinds TABLE = load();
    public static final ChordKind MAJOR = of(tones("1 3 5"));
    public static final ChordKind MINOR = of(tones("1 b3 5"));
    static final ChordKind DOMINANT = of(tones("1 3 5 b7"));

    private final List<ChordKind> all = new ArrayList<>();
    private final Map<Set<ChordTone>, ChordKind> byTones = new HashMap<>();
    private final Map<String, ChordKind> byWriting = new TreeMap<>();

    private ChordKinds() {
    }

    private static ChordKinds load() {
        ChordKinds table = new ChordKinds();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                ChordKinds.class.getResourceAsStream("chord-kinds.txt"), StandardCharsets.UTF_8))) {
            int number = 0;
            for (String line : in.lines().toList()) {
                number++;
                if (!line.isBlank() && !line.startsWith("#") && !line.startsWith("==")) {
                    table.add(line, number);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table;
    }

    private void add(String line, int number) {
        String[] cells = line.split("\\|", -1);
        for (int i = 0; i < cells.length; i++) {
            cells[i] = cells[i].strip();
        }
        if (cells.length != 4) {
            throw new IllegalStateException("chord-kinds.txt, line " + number + ": four cells are needed");
        }
        String suffix = cells[0].equals("major") ? "" : cells[0];
        List<String> aliases = cells[1].isBlank() ? List.of() : List.of(cells[1].split(" "));
        ChordKind kind = new ChordKind(suffix, aliases, tones(cells[2]), cells[3]);
        all.add(kind);
        if (byTones.put(Set.copyOf(kind.tones()), kind) != null) {
            throw new IllegalStateException("chord-kinds.txt, line " + number + ": these notes have a row already");
        }
        write(suffix, kind, number);
        aliases.forEach(alias -> write(alias, kind, number));
    }

    private void write(String text, ChordKind kind, int number) {
        ChordKind before = byWriting.put(ChordSuffix.plain(text), kind);
        if (before != null && before != kind) {
            throw new IllegalStateException("chord-kinds.txt, line " + number + ": “" + text + "” means " + before + " too");
        }
    }

    private static List<ChordTone> tones(String formula) {
        List<ChordTone> tones = new ArrayList<>();
        for (String tone : formula.split(" ")) {
            tones.add(ChordTone.parse(tone));
        }
        return tones;
    }

    /** Every kind of the table, plainer ones first. */
    public static List<ChordKind> all() {
        return TABLE.all;
    }

    static ChordKind of(Collection<ChordTone> tones) {
        ChordKind known = TABLE.byTones.get(Set.copyOf(tones));
        return known != null ? known : ChordSuffix.composed(List.copyOf(tones));
    }

    /** The kind that is written exactly so, signs and brackets apart. */
    static Optional<ChordKind> written(String plain) {
        return Optional.ofNullable(TABLE.byWriting.get(plain));
    }

    /** Everything that can be written, for finding what is near. */
    static Set<String> writings() {
        return TABLE.byWriting.keySet();
    }

    /** How plain a kind is: its place in the table, those put together last. */
    public static int rank(ChordKind kind) {
        int place = TABLE.all.indexOf(kind);
        return place < 0 ? TABLE.all.size() : place;
    }
}
