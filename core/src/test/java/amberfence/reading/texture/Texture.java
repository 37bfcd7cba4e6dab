package amberfence.reading.texture;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.Chord;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** A pattern in a metre. Textures are our own, after what handbooks of accompaniment list (common practice, no source). */
record Texture(Pattern pattern, int numerator, int denominator) {
    private static final Set<Pattern> IN_FOUR_ONLY = EnumSet.of(Pattern.OOMPAH, Pattern.WALKING, Pattern.ROOTLESS, Pattern.OCTAVES, Pattern.SHELLS, Pattern.THREE_THREE_TWO,
            Pattern.ROOT_AND_FIFTH, Pattern.OFF_BEATS, Pattern.TWO_WALKED, Pattern.STRUMMED_WITH_RESTS, Pattern.ROOT_AND_THIRD);
    private static final Set<Pattern> IN_HALVES_ONLY = EnumSet.of(Pattern.TWO_A_BAR, Pattern.TWO_BROKEN);

    /** A chord as it was meant, in ticks. */
    record Meant(long start, long end, Chord chord) {
    }

    /** What was played and what was meant. */
    record Played(List<Note> notes, TimeMap time, List<Meant> chords) {
    }

    static List<Texture> all() {
        List<Texture> all = new ArrayList<>();
        for (Pattern pattern : Pattern.values()) {
            if (pattern != Pattern.WALTZ) {
                all.add(new Texture(pattern, 4, 4));
            }
            if (!IN_FOUR_ONLY.contains(pattern) && !IN_HALVES_ONLY.contains(pattern)) {
                all.add(new Texture(pattern, 3, 4));
            }
            if (!IN_FOUR_ONLY.contains(pattern) && pattern != Pattern.WALTZ) {
                all.add(new Texture(pattern, 6, 8));
            }
        }
        return all;
    }

    String words() {
        return numerator + "/" + denominator + " " + pattern.words();
    }
}
