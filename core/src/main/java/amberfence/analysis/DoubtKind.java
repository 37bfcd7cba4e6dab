package amberfence.analysis;

import amberfence.words.Texts;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What may be wrong with a note. */
public enum DoubtKind {
    OUTSIDE(Texts.text("outside the fence")), CLASH(Texts.text("clashes with the chord")), UNISON(Texts.text("twice at once")),
    OVERLAP(Texts.text("small overlaps")), LEAP(Texts.text("leaps that an octave would mend")), RANGE(Texts.text("out of the instrument's range")),
    PARALLEL(Texts.text("parallel fifths and octaves")), OFF_GRID(Texts.text("off the grid beside their neighbours")), DOUBLED(Texts.text("doubled notes")),
    CHORD(Texts.text("chords whose reading is uncertain")), KEY(Texts.text("keys that seem to change"));

    private final String title;

    DoubtKind(String title) {
        this.title = title;
    }

    public String title() {
        return Texts.say(title);
    }

    /** As it is typed: {@code off-grid}. */
    public String text() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** All but those that are off at first: parallels are a matter of style. */
    public static Set<DoubtKind> usual() {
        return EnumSet.complementOf(EnumSet.of(PARALLEL));
    }

    /**
     * Reads {@code outside,leap} for only these, {@code +parallel} for these besides the usual, {@code -range} for all usual but these.
     *
     * @throws IllegalArgumentException for what is no kind
     */
    public static Set<DoubtKind> parse(String text) {
        List<String> words = Arrays.stream(text.split(",")).map(String::strip).filter(word -> !word.isEmpty()).toList();
        boolean signed = !words.isEmpty() && words.stream().allMatch(word -> word.matches("[+-].*"));
        Set<DoubtKind> kinds = signed ? EnumSet.copyOf(usual()) : EnumSet.noneOf(DoubtKind.class);
        for (String word : words) {
            DoubtKind kind = named(word.replaceFirst("^[+-]", ""));
            if (word.startsWith("-")) {
                kinds.remove(kind);
            } else {
                kinds.add(kind);
            }
        }
        return kinds;
    }

    private static DoubtKind named(String word) {
        return Arrays.stream(values()).filter(kind -> kind.text().equalsIgnoreCase(word)).findFirst().orElseThrow(() -> new IllegalArgumentException(Texts.say("“%s” is no kind; kinds are %s", word, Arrays.stream(values()).map(DoubtKind::text).collect(Collectors.joining(", ")))));
    }
}
