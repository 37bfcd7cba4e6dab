package amberfence.step;

import amberfence.theory.MusicTextException;
import java.util.function.BiFunction;

/**
 * One setting of a step: what it is called in files and on the command line, what it means, of which kind it is, and how it
 * becomes text and is read again.
 *
 * @param <S> the step
 * @param key as it is typed
 * @param label as it stands in a form
 * @param isBound whether it speaks of notes of one song, so that it is saved with a song but is no part of a recipe
 */
public record StepSetting<S extends Step>(String key, String label, String meaning, SettingType type, boolean isBound,
                                          BiFunction<S, SettingTexts, String> writer, Reader<S> reader) {
    /** Gives a step a setting that is read from text. */
    @FunctionalInterface
    public interface Reader<S> {
        S read(S step, String text, SettingTexts texts);
    }

    /** The value as text. */
    public String text(S step, SettingTexts texts) {
        return writer.apply(step, texts);
    }

    /**
     * The step with a value read from text.
     *
     * @throws MusicTextException names the setting, what was wrong, and what would be right
     */
    public S read(S step, String text, SettingTexts texts) {
        try {
            return reader.read(step, text, texts);
        } catch (IllegalArgumentException e) {
            String why = e.getMessage() == null ? "" : ": " + e.getMessage();
            throw new MusicTextException(key + "=" + text + " cannot be" + why + (why.contains(type.words()) ? ""
                    : " (" + type.words() + ")"));
        }
    }
}
