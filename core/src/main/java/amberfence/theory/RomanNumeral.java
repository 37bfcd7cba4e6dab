package amberfence.theory;

import amberfence.words.Texts;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A chord by its place in a key: {@code ii7}, {@code V65}, {@code ♭VI}, {@code vii°7/V}. A numeral without a sign stands on
 * the key's own degree; ♭ lowers the degree of the major scale, ♯ raises the key's own; vii° in minor stands on the raised
 * seventh (Kostka and Payne, Tonal Harmony, from memory). Upper case is major, lower case minor; what follows is read like
 * a chord symbol, so that V7 and I7 are dominant sevenths and Imaj7 is the major seventh.
 */
public final class RomanNumeral {
    private static final List<String> NUMERALS = List.of("I", "II", "III", "IV", "V", "VI", "VII");
    private static final Pattern TEXT = Pattern.compile("([b#]*)(VII|VI|IV|V|III|II|I|vii|vi|iv|v|iii|ii|i)([^/]*?)"
            + "(6/9)?(/([b#]*[IViv]+))?");
    private static final Pattern FIGURES = Pattern.compile("(.*?)(64|65|43|42|6|2)?");
    private static final Map<String, Integer> TRIADS = Map.of("6", 1, "64", 2);
    private static final Map<String, Integer> SEVENTHS = Map.of("65", 1, "43", 2, "42", 3, "2", 3);

    private RomanNumeral() {
    }

    /** The chord of a numeral in a key. */
    public static Chord parse(String text, Key key) {
        String plain = Accidental.plain(TextLimit.NUMERAL.check(text).strip()).replace("o", "°").replace("⁷", "7").replace("⁶", "6");
        Matcher matcher = TEXT.matcher(plain);
        if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("“%s” is no Roman numeral; write I to VII, lower case for minor, as in ii7, V65, bVI or V7/V",
                    text.strip()), List.of("I", "IV", "V7"));
        }
        if (matcher.group(5) != null) {
            String target = matcher.group(6);
            NoteName tonic = root(target, key, false).withOneSign();
            boolean minor = target.replaceAll("[b#]", "").equals(target.replaceAll("[b#]", "").toLowerCase(Locale.ROOT));
            return parse(plain.substring(0, plain.length() - matcher.group(5).length()),
                    new Key(tonic, minor ? Scales.MINOR : Scales.MAJOR));
        }
        String numeral = matcher.group(1) + matcher.group(2);
        String suffix = matcher.group(3) + (matcher.group(4) == null ? "" : matcher.group(4));
        boolean lower = matcher.group(2).equals(matcher.group(2).toLowerCase(Locale.ROOT));
        NoteName root = root(numeral, key, lower && suffix.matches("[°ø].*"));
        return chord(root, lower, suffix, text);
    }

    private static Chord chord(NoteName root, boolean lower, String suffix, String text) {
        Matcher figures = FIGURES.matcher(suffix);
        if (figures.matches() && figures.group(2) != null) {
            boolean added = !figures.group(1).matches("[°ø+]?");
            Integer triad = TRIADS.get(figures.group(2));
            Integer seventh = SEVENTHS.get(figures.group(2));
            Optional<ChordKind> kind = added ? Optional.empty() : kind(lower, figures.group(1) + (triad == null ? "7" : ""));
            if (kind.isPresent()) {
                Chord chord = Chord.of(root, kind.get());
                int inversion = triad != null ? triad : seventh;
                if (inversion < chord.names().size()) {
                    return chord.withBass(chord.names().get(inversion));
                }
            }
        }
        return Chord.of(root, kind(lower, suffix).orElseThrow(() -> new MusicTextException(Texts.say("“%s”: behind a numeral stands a kind of chord, as in ii7, V65 or vii°7, not “%s”",
                text.strip(), suffix), ChordSuffix.near(suffix))));
    }

    private static Optional<ChordKind> kind(boolean lower, String suffix) {
        String own = lower && !suffix.startsWith("°") && !suffix.startsWith("ø") ? "m" + suffix : suffix;
        return ChordSuffix.read(ChordSuffix.plain(own.equals("mmaj7") ? "m(maj7)" : own));
    }

    private static NoteName root(String numeral, Key key, boolean leading) {
        String plain = numeral.replaceAll("[b#]", "").toUpperCase(Locale.ROOT);
        int degree = NUMERALS.indexOf(plain) + 1;
        if (degree == 0) {
            throw new MusicTextException(Texts.say("“%s” is no degree; write I to VII", numeral));
        }
        int flats = (int) numeral.chars().filter(c -> c == 'b').count();
        int sharps = (int) numeral.chars().filter(c -> c == '#').count();
        NoteName own = KeyChords.of(key).note(degree);
        NoteName major = key.tonic().at(new Degree(degree, 0));
        if (flats > 0) {
            return new NoteName(major.letter(), major.alteration() - flats);
        }
        boolean raised = leading && degree == 7 && own.alteration() < major.alteration();
        return raised && sharps == 0 ? major : new NoteName(own.letter(), own.alteration() + sharps);
    }

    /** Reads what people type for a chord: a numeral in a key, or else a symbol. */
    public static Chord parseChord(String text, Key key) {
        return text.matches("[b#♭♯]*[IViv]+.*") ? parse(text, key) : Chord.parse(text);
    }

    /** How a chord is written in a key. An inversion is written with figures where there are such, else with its bass. */
    public static String of(Chord chord, Key key) {
        KeyChords chords = KeyChords.of(key);
        Optional<String> applied = chords.degreeOf(chord.root()) > 0
                && chord.pitchClasses().isSubsetOf(key.pitchClasses()) ? Optional.empty() : applied(chord, chords);
        return applied.orElseGet(() -> onItsDegree(chord, chords));
    }

    /** How a chord is written that leads nowhere: on its own degree, whatever it could be the dominant of. */
    static String onItsDegree(Chord chord, Key key) {
        return onItsDegree(chord, KeyChords.of(key));
    }

    private static String onItsDegree(Chord chord, KeyChords chords) {
        boolean lower = chord.kind().isMinor();
        boolean diminished = chord.kind().suffix().startsWith("°") || chord.kind().suffix().startsWith("ø");
        String numeral = numeral(chord.root(), chords, diminished);
        String suffix = chord.kind().text();
        String kind = lower && !diminished && suffix.startsWith("m") ? suffix.substring(1) : suffix;
        // A plain 6 would read as the first inversion.
        return (lower ? numeral.toLowerCase(Locale.ROOT) : numeral) + figured(chord, kind.equals("6") ? "add6" : kind);
    }

    private static String figured(Chord chord, String kind) {
        int inversion = chord.inversion();
        int size = chord.kind().tones().size();
        if (inversion == 0) {
            return kind;
        }
        boolean triad = size == 3 && chord.kind().tone(3).isPresent() && chord.kind().tone(5).isPresent();
        boolean seventh = size == 4 && chord.kind().tone(7).isPresent() && kind.endsWith("7");
        if (inversion > 0 && triad) {
            return kind + (inversion == 1 ? "6" : "64");
        } else if (inversion > 0 && seventh && !kind.endsWith("maj7")) {
            return kind.substring(0, kind.length() - 1) + List.of("", "65", "43", "42").get(inversion);
        }
        return kind + " (" + chord.bass().text() + ")";
    }

    private static String numeral(NoteName root, KeyChords chords, boolean diminished) {
        NoteName tonic = chords.key().tonic();
        int degree = Math.floorMod(root.letter().ordinal() - tonic.letter().ordinal(), 7) + 1;
        NoteName own = chords.note(degree);
        NoteName major = tonic.at(new Degree(degree, 0));
        String plain = NUMERALS.get(degree - 1);
        int above = root.alteration() - own.alteration();
        boolean leading = diminished && degree == 7 && root.equals(major);
        // In minor vii° is the leading-note chord; one on the key's own seventh is told apart by its sign.
        boolean ownSeventh = diminished && degree == 7 && !own.equals(major);
        if (leading || root.equals(own) && !ownSeventh) {
            return plain;
        }
        return above > 0 ? "♯".repeat(above) + plain : "♭".repeat(Math.max(0, major.alteration() - root.alteration())) + plain;
    }

    /** Dominants and leading-note chords of another degree: V7/V, vii°7/ii. */
    private static Optional<String> applied(Chord chord, KeyChords chords) {
        boolean leading = chord.kind().isDiminished();
        boolean dominant = chord.kind().isDominant() && !leading || chord.kind().equals(ChordKinds.MAJOR);
        if (!leading && !dominant) {
            return Optional.empty();
        }
        int semitones = leading ? 1 : 5;
        for (int degree = 2; degree <= 7; degree++) {
            Chord target = chords.on(degree, 3);
            boolean leadsThere = chord.root().pitchClass().plus(semitones).equals(target.root().pitchClass());
            if (leadsThere && !target.kind().isDiminished() && !target.kind().isAugmented()) {
                Key there = new Key(target.root().withOneSign(), target.kind().isMinor() ? Scales.MINOR : Scales.MAJOR);
                NoteName root = leading ? there.tonic().minus(Interval.SEMITONE) : there.tonic().plus(Interval.FIFTH);
                return Optional.of(onItsDegree(respelled(chord, root), KeyChords.of(there)) + "/" + onItsDegree(target, chords));
            }
        }
        return Optional.empty();
    }

    /** The chord on a root that sounds the same; its bass is respelled along. */
    private static Chord respelled(Chord chord, NoteName root) {
        int shift = root.fifths() - chord.root().fifths();
        return shift == 0 ? chord : Chord.of(root, chord.kind()).withBass(NoteName.ofFifths(chord.bass().fifths() + shift));
    }
}
