package amberfence.step;

import amberfence.notes.Grid;
import amberfence.notes.TimeLength;
import amberfence.theory.Key;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * The kinds of settings that a step can have, each with how it is typed.
 *
 * @param <S> the step
 */
abstract class SettingKinds<S extends Step> {
    /** With one more setting. */
    public abstract StepSchema<S> with(String key, String meaningOfIt, SettingType type, BiFunction<S, SettingTexts, String> writer,
                                       StepSetting.Reader<S> reader);

    /** With one more setting of a kind that has no range. */
    public StepSchema<S> with(String key, String meaningOfIt, SettingType.Kind kind, BiFunction<S, SettingTexts, String> writer,
                              StepSetting.Reader<S> reader) {
        return with(key, meaningOfIt, SettingType.of(kind), writer, reader);
    }

    /** A choice, by the words that stand for each value. */
    public <V> StepSchema<S> choice(String key, String meaningOfIt, Map<String, V> values, Function<S, V> get, BiFunction<S, V, S> with) {
        return with(key, meaningOfIt, SettingType.choice(SettingType.Kind.CHOICE, List.copyOf(values.keySet())),
                (step, texts) -> SettingValues.word(values, get.apply(step)), (step, text, texts) -> with.apply(step, SettingValues.chosen(values, text)));
    }

    /** A choice among the values of an enumeration, by their names in lower case. */
    public <V extends Enum<V>> StepSchema<S> choice(String key, String meaningOfIt, Class<V> type, Function<S, V> get,
                                                    BiFunction<S, V, S> with) {
        return choice(key, meaningOfIt, SettingValues.words(type), get, with);
    }

    /** Any number of choices, in the order of the list. */
    public <V extends Enum<V>> StepSchema<S> choices(String key, String meaningOfIt, Class<V> type, Function<S, Set<V>> get,
                                                     BiFunction<S, Set<V>, S> with) {
        Map<String, V> values = SettingValues.words(type);
        return with(key, meaningOfIt, SettingType.choice(SettingType.Kind.CHOICES, List.copyOf(values.keySet())), (step, texts) -> {
            Collection<V> chosen = get.apply(step);
            return chosen.isEmpty() ? "none" : String.join(",", values.keySet().stream().filter(word -> chosen.contains(values.get(word)))
                    .toList());
        }, (step, text, texts) -> {
            Set<V> chosen = EnumSet.noneOf(type);
            if (!text.strip().equalsIgnoreCase("none")) {
                Arrays.stream(text.split(",")).forEach(word -> chosen.add(SettingValues.chosen(values, word)));
            }
            return with.apply(step, chosen);
        });
    }

    public StepSchema<S> flag(String key, String meaningOfIt, Predicate<S> get, BiFunction<S, Boolean, S> with) {
        return with(key, meaningOfIt, SettingType.of(SettingType.Kind.FLAG), (step, texts) -> get.test(step) ? "on" : "off",
                (step, text, texts) -> with.apply(step, SettingValues.chosen(Map.of("on", true, "off", false, "true", true, "false", false), text)));
    }

    public StepSchema<S> whole(String key, String meaningOfIt, long least, long most, Function<S, Integer> get,
                               BiFunction<S, Integer, S> with) {
        return with(key, meaningOfIt, SettingType.range(SettingType.Kind.WHOLE, least, most, ""), (step, texts) -> get.apply(step).toString(),
                (step, text, texts) -> with.apply(step, (int) SettingValues.number(text, new Range(key, least, most))));
    }

    /** A number from which dice are thrown. */
    public StepSchema<S> seed(Function<S, Long> get, BiFunction<S, Long, S> with) {
        return with("seed", "another number, another outcome", SettingType.of(SettingType.Kind.SEED), (step, texts) -> get.apply(step)
                .toString(), (step, text, texts) -> with.apply(step, SettingValues.number(text, new Range(Texts.text("seed"), Long.MIN_VALUE, Long.MAX_VALUE))));
    }

    public StepSchema<S> percent(String key, String meaningOfIt, int least, int most, Function<S, Integer> get,
                                 BiFunction<S, Integer, S> with) {
        return with(key, meaningOfIt, SettingType.range(SettingType.Kind.PERCENT, least, most, "%"), (step, texts) -> get.apply(step) + "%",
                (step, text, texts) -> with.apply(step, (int) SettingValues.number(text.strip().replaceFirst("\\s*%$", ""),
                        new Range(Texts.say("%s in percent", key), least, most))));
    }

    public StepSchema<S> pitch(String key, String meaningOfIt, Function<S, Integer> get, BiFunction<S, Integer, S> with) {
        return with(key, meaningOfIt, SettingType.of(SettingType.Kind.PITCH), (step, texts) -> SettingValues.pitchText(get.apply(step)),
                (step, text, texts) -> with.apply(step, SettingValues.pitch(text)));
    }

    /** Two pitches. */
    public StepSchema<S> pitches(String key, String meaningOfIt, Function<S, Integer> lowest, Function<S, Integer> highest,
                                 StepSetting.Reader<S> with) {
        return with(key, meaningOfIt, SettingType.of(SettingType.Kind.PITCHES),
                (step, texts) -> SettingValues.pitchText(lowest.apply(step)) + ".." + SettingValues.pitchText(highest.apply(step)), with);
    }

    public StepSchema<S> key(String key, String meaningOfIt, Function<S, Key> get, BiFunction<S, Key, S> with) {
        return with(key, meaningOfIt, SettingType.of(SettingType.Kind.KEY), (step, texts) -> get.apply(step).plainText(),
                (step, text, texts) -> with.apply(step, Key.parse(text)));
    }

    public StepSchema<S> noteValue(String key, String meaningOfIt, Function<S, Grid> get, BiFunction<S, Grid, S> with) {
        return with(key, meaningOfIt, SettingType.of(SettingType.Kind.NOTE_VALUE), (step, texts) -> get.apply(step).text(),
                (step, text, texts) -> with.apply(step, Grid.parse(text)));
    }

    /** A note value, milliseconds, or ticks. */
    public StepSchema<S> length(String key, String meaningOfIt, Function<S, TimeLength> get, BiFunction<S, TimeLength, S> with) {
        return with(key, meaningOfIt, SettingType.of(SettingType.Kind.LENGTH), (step, texts) -> get.apply(step).text(),
                (step, text, texts) -> with.apply(step, TimeLength.parse(text)));
    }
}
