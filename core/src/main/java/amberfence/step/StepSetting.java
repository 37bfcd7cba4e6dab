package amberfence.step;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Predicate;

/**
 * One setting of a step: what it is called in files and on the command line, what it means, of which kind it is, and how it
 * becomes text and is read again.
 *
 * @param <S> the step
 * @param key as it is typed
 * @param shown how a form words it
 * @param use when it counts
 * @param example what it may be when it has to be given, as no usual value is right for everybody
 */
public record StepSetting<S extends Step>(String key, Shown shown, String meaning, SettingType type, Use<S> use, Optional<String> example, BiFunction<S, SettingTexts, String> writer, Reader<S> reader) {
    /**
     * How a form words a setting.
     *
     * @param label stands beside its control
     * @param values stand for what can be chosen, in the order of the type's values; empty when those speak for themselves
     */
    public record Shown(String label, List<String> values) {
        public Shown {
            values = List.copyOf(values);
        }
    }

    /**
     * When a setting counts; elsewhere it is not shown, and refused when somebody gives it.
     *
     * @param words for example {@code with to=nearest}; empty when it always counts
     */
    public record Use<S>(String words, Predicate<S> counts) {
        static <S> Use<S> always() {
            return new Use<>("", step -> true);
        }

        @Override
        public String words() {
            return Texts.say(words);
        }
    }

    /** Gives a step a setting that is read from text. */
    @FunctionalInterface
    public interface Reader<S> {
        S read(S step, String text, SettingTexts texts);
    }

    StepSetting<S> worded(String label, List<String> values) {
        return new StepSetting<>(key, new Shown(label, values), meaning, type, use, example, writer, reader);
    }

    StepSetting<S> usedWhen(String words, Predicate<S> counts) {
        return new StepSetting<>(key, shown, meaning, type, new Use<>(words, counts), example, writer, reader);
    }

    StepSetting<S> required(String such) {
        return new StepSetting<>(key, shown, meaning, type, use, Optional.of(such), writer, reader);
    }

    @Override
    public String meaning() {
        return Texts.say(meaning);
    }

    /** As it stands in a form. */
    public String label() {
        return Texts.say(shown.label());
    }

    /** A value as a form and undo word it. */
    public String words(String value) {
        int index = type.values().indexOf(value);
        return index >= 0 && index < shown.values().size() ? Texts.say(shown.values().get(index)) : Texts.say(value.replace('-', ' '));
    }

    /** Whether the setting counts in a step. */
    public boolean counts(S step) {
        return use.counts().test(step);
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
            throw new MusicTextException(Texts.say("%s=%s cannot be", key, text) + why + (why.contains(type.words()) ? "" : " (" + type.words() + ")"));
        }
    }
}
