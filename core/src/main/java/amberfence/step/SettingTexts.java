package amberfence.step;

import amberfence.notes.TimeLength;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.function.Function;
import java.util.function.IntFunction;

/**
 * What the texts of settings refer to outside the step: how parts are told, and how long a tick is. The same settings are told
 * in a project by the identities of its parts, on the command line by their numbers or names.
 *
 * @param partName how a part is told, by its identity
 * @param partOf the identity of a part that is told; what is no part is refused in words
 * @param ticksPerQuarter of the song
 */
public record SettingTexts(IntFunction<String> partName, Function<String, Integer> partOf, int ticksPerQuarter) {
    /** A text's ticks count 480 to a quarter, whatever a song's do. */
    public static final int TEXT_TICKS = TimeLength.TEXT_TICKS;
    /** For texts that stand alone, as in lists of what there is. */
    public static final SettingTexts ALONE = new SettingTexts(id -> "part " + id, SettingTexts::number, TEXT_TICKS);

    private static int number(String text) {
        String digits = text.strip().replaceFirst("(?i)^part\\s+", "");
        if (!digits.matches("\\d{1,9}")) {
            throw new MusicTextException(Texts.say("“%s” is no part; write progression, chord-parts, or a part", text));
        }
        return Integer.parseInt(digits);
    }

    /** Ticks of the song as ticks of a text. */
    public long toText(long ticks) {
        return Math.round(ticks * (double) TEXT_TICKS / ticksPerQuarter);
    }

    /** Ticks of a text as ticks of the song. */
    public long toSong(long ticks) {
        return Math.round(ticks * (double) ticksPerQuarter / TEXT_TICKS);
    }
}
