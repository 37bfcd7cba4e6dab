package amberfence.theory;

import amberfence.words.Texts;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads chord symbols as people write them: {@code Cm7 C-7 Cmin7 CΔ Cmaj7 C^7 Cø C°7 C7♯9 C7(b9,#11) Csus C6/9 C/E F♯m7♭5}.
 * What cannot be read is told with its place and the nearest readings.
 */
final class ChordSymbol {
    private static final Pattern ROOT = Pattern.compile("\\s*([A-Ga-g])((?:bb|##|x|b|#)?)(.*)", Pattern.DOTALL);
    private static final Pattern BASS = Pattern.compile("[A-Ga-g](?:bb|##|x|b|#)?");

    private static final int MOST_SHOWN = 24;

    private ChordSymbol() {
    }

    static Chord parse(String symbol) {
        String plain = Accidental.plain(TextLimit.CHORD.check(symbol)).strip();
        Matcher matcher = ROOT.matcher(plain);
        if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("“%s” is no chord: it begins with a note A to G, as in C, F#m7 or Bb/D",
                    shown(symbol.strip())), List.of("C", "Am", "G7"));
        }
        NoteName root = NoteName.parse(matcher.group(1) + matcher.group(2));
        String rest = matcher.group(3).strip();
        int slash = rest.lastIndexOf('/');
        String bass = slash < 0 ? "" : rest.substring(slash + 1).strip();
        boolean hasBass = BASS.matcher(bass).matches();
        String suffix = ChordSuffix.plain(hasBass ? rest.substring(0, slash) : rest);
        ChordKind kind = ChordSuffix.read(suffix).orElseThrow(() -> unreadable(symbol.strip(), root, suffix));
        return new Chord(root, kind, hasBass ? NoteName.parse(bass) : root);
    }

    private static MusicTextException unreadable(String symbol, NoteName root, String suffix) {
        int good = ChordSuffix.readable(suffix);
        int place = symbol.length() - suffix.length() + good + 1;
        List<String> near = ChordSuffix.near(suffix).stream().map(text -> root.plainText() + text).toList();
        return new MusicTextException(Texts.say("“%s” cannot be read from letter %s on, “%s”; perhaps %s",
                shown(symbol), Math.max(1, place), shown(suffix.substring(Math.min(good, suffix.length()))), String.join(", ", near)), near);
    }

    /** The beginning of what is too long for a sentence. */
    private static String shown(String text) {
        return text.length() <= MOST_SHOWN ? text : text.substring(0, MOST_SHOWN) + "…";
    }
}
