package amberfence.step.catalogue;

import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.theory.MusicTextException;
import amberfence.theory.Scales;
import amberfence.words.Texts;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A step as it is typed: {@code NAME key=value key=value}; a value with spaces stands in quotes. The name and the keys are
 * checked when it is read, the values once the song is known that they may speak of.
 *
 * @param values by key, as they were typed
 */
public record StepText(StepSchema<?> schema, Map<String, String> values) {
    private static final Pattern SETTING = Pattern.compile("\\s+([A-Za-z-]+)=(?:\"([^\"]*)\"|'([^']*)'|(\\S*))");

    /** Reads name and keys. */
    public static StepText parse(String text) {
        String plain = text.strip();
        String name = plain.split("\\s", 2)[0];
        StepSchema<?> schema = schema(name);
        Map<String, String> values = new LinkedHashMap<>();
        int at = name.length();
        Matcher matcher = SETTING.matcher(plain);
        while (at < plain.length()) {
            if (!matcher.find(at) || matcher.start() != at) {
                throw new MusicTextException(Texts.say("“%s” cannot be read; write key=value, with quotes around a value that has spaces in it",
                        plain.substring(at).strip()));
            }
            String key = matcher.group(1);
            List<String> keys = schema.settings().stream().map(StepSetting::key).toList();
            if (!keys.contains(key)) {
                throw new MusicTextException(Texts.say("%s has no setting “%s”%s; it has %s", name, key, near(key, keys), String.join(", ", keys)));
            }
            String value = matcher.group(2) != null ? matcher.group(2) : matcher.group(3) != null ? matcher.group(3) : matcher.group(4);
            if (values.put(key, value) != null) {
                throw new MusicTextException(Texts.say("the setting “%s” is given twice", key));
            }
            at = matcher.end();
        }
        for (StepSetting<?> setting : schema.settings()) {
            if (setting.example().isPresent() && !values.containsKey(setting.key())) {
                throw new MusicTextException(Texts.say("%s needs %s, as in %s=%s", name, setting.meaning(), setting.key(), setting.example().get()));
            }
        }
        StepText read = new StepText(schema, values);
        read.check();
        return read;
    }

    /**
     * The step of a name.
     *
     * @throws MusicTextException names the one that may be meant
     */
    public static StepSchema<?> schema(String name) {
        return StepCatalogue.find(name).orElseThrow(() -> new MusicTextException(Texts.say("there is no step “%s”%s; steps lists all",
                name, near(name, StepCatalogue.all().stream().map(StepSchema::name).toList()))));
    }

    private static String near(String wrong, List<String> right) {
        Optional<String> nearest = right.stream().min(Comparator.comparingInt((String some) -> Scales.editDistance(wrong, some))
                .thenComparing(Comparator.naturalOrder()));
        return nearest.filter(some -> Scales.editDistance(wrong, some) <= Math.max(2, wrong.length() / 2))
                .map(some -> Texts.say(", perhaps “%s”", some)).orElse("");
    }

    /** Checks at once what needs no song: values that cannot be, and those that would be ignored. */
    public void check() {
        schema.unused(anywhere(), values.keySet()).ifPresent(setting -> {
            throw new MusicTextException(Texts.say("%s=%s would be ignored: it counts only %s", setting.key(), values.get(setting.key()), setting.use().words()));
        });
    }

    /** The step with whatever parts it speaks of taken to be there. */
    public Step anywhere() {
        return step(new SettingTexts(Integer::toString, part -> 0, SettingTexts.TEXT_TICKS));
    }

    /** The step, in a song whose parts and ticks are known. */
    public Step step(SettingTexts texts) {
        return schema.read(values, texts);
    }

    /** A step as text: its name, and what is not as it usually is. */
    public static StepText of(Step step, SettingTexts texts) {
        StepSchema<?> schema = StepCatalogue.of(step);
        Map<String, String> usual = schema.texts(schema.usual(), texts);
        Map<String, String> values = new LinkedHashMap<>(schema.texts(step, texts));
        schema.settings().forEach(setting -> {
            if (setting.example().isEmpty() && values.get(setting.key()).equals(usual.get(setting.key()))) {
                values.remove(setting.key());
            }
        });
        values.values().removeIf(String::isEmpty);
        return new StepText(schema, values);
    }

    /** What {@link #parse} reads. */
    public String text() {
        StringBuilder text = new StringBuilder(schema.name());
        values.forEach((key, value) -> text.append(' ').append(key).append('=').append(value.matches("\\S*") && !value.matches(".*[\"'].*") ? value
                : '"' + value + '"'));
        return text.toString();
    }
}
