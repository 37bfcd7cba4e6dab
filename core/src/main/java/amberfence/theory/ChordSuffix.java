package amberfence.theory;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and writes what stands behind the root of a chord: a kind of the table, or one with changes behind it, such as
 * {@code 7(no5)} or {@code m9(add13)}.
 */
final class ChordSuffix {
    private static final Pattern CHANGE = Pattern.compile("(add|no|omit|without|sus)?([b#+-]{0,2})(13|11|10|9|8|7|6|5|4|3|2)");
    /** What may stand before changes; the first that needs fewest is written. */
    private static final List<String> BASE_TONES = List.of("1 3 5", "1 b3 5", "1 b3 b5", "1 3 #5", "1 4 5", "1 2 5", "1 3 5 6",
            "1 b3 5 6", "1 3 5 b7", "1 3 5 7", "1 b3 5 b7", "1 b3 5 7", "1 b3 b5 b7", "1 b3 b5 bb7", "1 4 5 b7", "1 3 5 b7 9",
            "1 3 5 7 9", "1 b3 5 b7 9", "1 b3 5 b7 9 11", "1 3 5 b7 9 11", "1 3 5 b7 9 11 13", "1 3 5 7 9 11 13",
            "1 b3 5 b7 9 11 13", "1 5");

    /** One way to write something, and the one that stands for all. */
    private record Writing(String letters, Pattern written, String plain) {
        /** @param letters one of them stands in everything that is written so */
        static Writing of(String letters, String written, String plain) {
            return new Writing(letters, Pattern.compile(written), plain);
        }

        String in(String text) {
            // Hundreds of writings are read from the table at each start, and few of them hold any of this.
            return mayStandIn(text) ? written.matcher(text).replaceAll(plain) : text;
        }

        private boolean mayStandIn(String text) {
            for (int i = 0; i < letters.length(); i++) {
                if (text.indexOf(letters.charAt(i)) >= 0) {
                    return true;
                }
            }
            return false;
        }
    }

    /** Words and signs that people write for the same thing, in whatever case. */
    private static final List<Writing> WORDS = List.of(Writing.of("△▵▲∆", "[△▵▲∆]", "Δ"), Writing.of("Ø", "Ø", "ø"), Writing.of("jJ", "(?i)maj(or)?", "maj"),
            Writing.of("nN", "(?i)min(or)?", "min"), Writing.of("gG", "(?i)aug(mented)?", "aug"), Writing.of("iI", "(?i)dim(inished)?", "dim"),
            Writing.of("oO", "(?i)dom(inant)?", "dom"), Writing.of("uU", "(?i)sus(pended)?", "sus"), Writing.of("dD", "(?i)add", "add"),
            Writing.of("lL", "(?i)alt(ered)?", "alt"));
    /** Signs, and the short words for minor and major, once accidentals are plain. */
    private static final List<Writing> SIGNS = List.of(Writing.of("(), \t\n\r\f\u000B", "[\\s(),]", ""), Writing.of("−–", "[−–]", "-"), Writing.of("º", "º", "°"),
            Writing.of("⁺", "⁺", "+"), Writing.of("i-", "^(?:min|mi|-)", "m"), Writing.of("a", "ma(?=[0-9])", "maj"), Writing.of("M", "([0-9]+)M", "maj$1"),
            Writing.of("M", "(?<=^m?)M(?=[0-9])", "maj"));

    /** The kinds of {@link #BASE_TONES}; in a class of their own, since the table of kinds asks for {@link #plain} before it is whole. */
    private static final class Bases {
        static final List<ChordKind> ALL = BASE_TONES.stream().map(formula -> ChordKinds.of(Arrays.stream(formula.split(" "))
                .map(ChordTone::parse).toList())).toList();
    }

    private ChordSuffix() {
    }

    /** Signs, brackets and spaces do not matter: {@code 7(♭9, ♯11)} is 7b9#11. */
    static String plain(String suffix) {
        String plain = suffix;
        for (Writing word : WORDS) {
            plain = word.in(plain);
        }
        plain = Accidental.plain(plain);
        for (Writing sign : SIGNS) {
            plain = sign.in(plain);
        }
        return plain;
    }

    static ChordKind parse(String suffix) {
        String plain = plain(TextLimit.CHORD.check(suffix));
        return read(plain).orElseThrow(() -> {
            int good = readable(plain);
            return new MusicTextException(Texts.say("“%s” is no kind of chord: it cannot be read from “%s” on; kinds are written as in m7, maj9 or sus4",
                    suffix, plain.substring(Math.min(good, Math.max(0, plain.length() - 1)))), near(plain));
        });
    }

    static Optional<ChordKind> read(String plain) {
        return tones(plain).map(ChordKinds::of);
    }

    private static Optional<List<ChordTone>> tones(String plain) {
        Optional<List<ChordTone>> known = ChordKinds.written(plain).map(ChordKind::tones);
        for (int split = plain.length() - 1; known.isEmpty() && split >= 0; split--) {
            String rest = plain.substring(split);
            known = ChordKinds.written(plain.substring(0, split)).flatMap(kind -> changed(kind, rest));
        }
        return known;
    }

    /** How many letters of a suffix can be read. */
    static int readable(String plain) {
        int good = plain.length();
        while (good > 0 && read(plain.substring(0, good)).isEmpty()) {
            good--;
        }
        return good;
    }

    /** Readable suffixes nearest to what was written. */
    static List<String> near(String plain) {
        return ChordKinds.writings().stream().sorted(Comparator.<String>comparingInt(text -> Scales.editDistance(plain, text))
                .thenComparing(Comparator.naturalOrder())).map(text -> ChordKinds.written(text).orElseThrow().suffix())
                .distinct().limit(3).toList();
    }

    private static Optional<List<ChordTone>> changed(ChordKind base, String changes) {
        Map<Integer, ChordTone> tones = new TreeMap<>();
        base.tones().forEach(tone -> tones.put(tone.number(), tone));
        Matcher matcher = CHANGE.matcher(changes);
        int at = 0;
        while (at < changes.length()) {
            if (!matcher.find(at) || matcher.start() != at || !apply(matcher, tones)) {
                return Optional.empty();
            }
            at = matcher.end();
        }
        return Optional.of(List.copyOf(tones.values()));
    }

    private static boolean apply(Matcher change, Map<Integer, ChordTone> tones) {
        String what = change.group(1) == null ? "" : change.group(1);
        String signs = change.group(2).replace('+', '#').replace('-', 'b');
        int number = Integer.parseInt(change.group(3));
        if (signs.contains("b") && signs.contains("#") || number == 8 || number == 10) {
            return false;
        }
        switch (what) {
            case "no", "omit", "without" -> {
                return signs.isEmpty() && tones.remove(number) != null;
            }
            case "sus" -> {
                if (number != 2 && number != 4) {
                    return false;
                }
                tones.remove(3);
                tones.put(number, ChordTone.parse(signs + number));
            }
            default -> {
                boolean plainNumber = what.isEmpty() && signs.isEmpty();
                int placed = what.equals("add") && tones.containsKey(3) && (number == 2 || number == 4) ? number + 7 : number;
                if (plainNumber) {
                    return false;
                }
                // A raised seventh is the major one: it is raised from where a dominant has it.
                tones.put(placed, ChordTone.parse(placed == 7 && signs.equals("#") ? "7" : signs + placed));
            }
        }
        return true;
    }

    /** A kind that the table lacks, written as the base that needs fewest changes. */
    static ChordKind composed(List<ChordTone> tones) {
        String best = null;
        int fewest = Integer.MAX_VALUE;
        for (ChordKind base : Bases.ALL) {
            List<String> changes = changes(base, tones);
            if (changes.size() < fewest && tones(plain(base.suffix() + String.join("", changes)))
                    .filter(read -> Set.copyOf(read).equals(Set.copyOf(tones))).isPresent()) {
                fewest = changes.size();
                best = base.suffix() + "(" + String.join(",", changes) + ")";
            }
        }
        if (best == null) {
            throw new IllegalArgumentException(Texts.say("no chord can be written with the members %s", tones));
        }
        return new ChordKind(best, List.of(), tones, best);
    }

    private static List<String> changes(ChordKind base, List<ChordTone> tones) {
        List<String> changes = new ArrayList<>();
        for (ChordTone tone : tones.stream().sorted().toList()) {
            if (!base.tones().contains(tone)) {
                boolean inPlace = tone.alteration() != 0 && base.tone(tone.number()).isPresent();
                changes.add(inPlace ? tone.plainText() : "add" + tone.plainText());
            }
        }
        for (ChordTone tone : base.tones()) {
            if (tones.stream().noneMatch(kept -> kept.number() == tone.number())) {
                changes.add("no" + tone.number());
            }
        }
        return changes;
    }
}
