package amberfence.step;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * A step as people choose it: what it is called, what it does, and its settings one by one. Project files, the command line,
 * its lists, undo words and the tests that hold for every step follow from it. It stands beside the step that it describes.
 *
 * @param <S> the step
 */
public final class StepSchema<S extends Step> extends SettingKinds<S> {
    private final String name;
    private final String title;
    private final StepGroup group;
    private final String meaning;
    private final S usual;
    private final List<StepSetting<S>> settings;
    private final Set<Touch> touches;
    private final Predicate<S> needsKey;
    private final Predicate<S> answers;
    private final Live live;
    private final List<String> examples;

    private StepSchema(String name, String title, StepGroup group, String meaning, S usual, List<StepSetting<S>> settings,
                       Set<Touch> touches, Predicate<S> needsKey, Predicate<S> answers, Live live, List<String> examples) {
        this.name = name;
        this.title = title;
        this.group = group;
        this.meaning = meaning;
        this.usual = usual;
        this.settings = List.copyOf(settings);
        this.touches = touches;
        this.needsKey = needsKey;
        this.answers = answers;
        this.live = live;
        this.examples = examples;
    }

    /**
     * A step without settings.
     *
     * @param name as it is typed: {@code bring-inside}
     * @param title as it stands in the list of steps
     * @param meaning one sentence
     */
    public static <S extends Step> StepSchema<S> of(String name, String title, StepGroup group, String meaning, S usual) {
        return new StepSchema<>(name, title, group, meaning, usual, List.of(), EnumSet.of(Touch.PITCH), step -> false, step -> false, Live.NO, List.of());
    }

    /** What it may change. */
    public StepSchema<S> touching(Touch first, Touch... more) {
        return new StepSchema<>(name, title, group, meaning, usual, settings, EnumSet.of(first, more), needsKey, answers, live, examples);
    }

    /** With which settings it asks for the key. */
    public StepSchema<S> needingKey(Predicate<S> when) {
        return new StepSchema<>(name, title, group, meaning, usual, settings, touches, when, answers, live, examples);
    }

    /** With which settings another progression, or other chords of the chord parts, may give another outcome. */
    public StepSchema<S> answeringToChords(Predicate<S> when) {
        return new StepSchema<>(name, title, group, meaning, usual, settings, touches, needsKey, when, live, examples);
    }

    /** It works note by note, so that keys can be played through it. */
    public StepSchema<S> live() {
        return new StepSchema<>(name, title, group, meaning, usual, settings, touches, needsKey, answers, Live.KEY_BY_KEY, examples);
    }

    /** It works on the keys that are held together, in time. */
    public StepSchema<S> liveInTime() {
        return new StepSchema<>(name, title, group, meaning, usual, settings, touches, needsKey, answers, Live.IN_TIME, examples);
    }

    /**
     * With a worked example for the handbook, where it is checked.
     *
     * @param lines {@code notes: …}, what is around them where it matters, {@code step: …} and, unless it is left to chance,
     *              {@code becomes: …}, as {@code HandbookExample} reads them
     */
    public StepSchema<S> example(String... lines) {
        List<String> more = new ArrayList<>(examples);
        more.add(String.join("\n", lines));
        return new StepSchema<>(name, title, group, meaning, usual, settings, touches, needsKey, answers, live, List.copyOf(more));
    }

    @Override
    public StepSchema<S> with(String key, String meaningOfIt, SettingType type, BiFunction<S, SettingTexts, String> writer,
                              StepSetting.Reader<S> reader) {
        return plus(new StepSetting<>(key, new StepSetting.Shown(label(key), List.of()), meaningOfIt, type, StepSetting.Use.always(),
                Optional.empty(), writer, reader));
    }

    private StepSchema<S> plus(StepSetting<S> setting) {
        List<StepSetting<S>> more = new ArrayList<>(settings);
        more.add(setting);
        return new StepSchema<>(name, title, group, meaning, usual, more, touches, needsKey, answers, live, examples);
    }

    private StepSchema<S> withLast(UnaryOperator<StepSetting<S>> change) {
        List<StepSetting<S>> changed = new ArrayList<>(settings);
        changed.add(change.apply(changed.remove(changed.size() - 1)));
        return new StepSchema<>(name, title, group, meaning, usual, changed, touches, needsKey, answers, live, examples);
    }

    /** How a form words the last setting, and each of its values in their order. */
    public StepSchema<S> worded(String label, String... values) {
        return withLast(last -> last.worded(label, List.of(values)));
    }

    /**
     * The last setting counts only with some values of others.
     *
     * @param words for example {@code with to=nearest}
     */
    public StepSchema<S> usedWhen(String words, Predicate<S> counts) {
        return withLast(last -> last.usedWhen(words, counts));
    }

    /** Whoever types the step has to give the last setting, for example such a value. */
    public StepSchema<S> required(String example) {
        return withLast(last -> last.required(example));
    }

    private static String label(String key) {
        String words = key.replace('-', ' ');
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** Its worked examples, as the handbook reads them. */
    public List<String> examples() {
        return examples;
    }

    /** As it is typed. */
    public String name() {
        return name;
    }

    /** As it stands in the list of steps. */
    public String title() {
        return Texts.say(title);
    }

    public StepGroup group() {
        return group;
    }

    /** What it does, in a sentence. */
    public String meaning() {
        return Texts.say(meaning);
    }

    /** The step with its usual settings. */
    public S usual() {
        return usual;
    }

    /** In order: what a form shows, what can be typed, and what is saved. They mean the same in any song. */
    public List<StepSetting<S>> settings() {
        return settings;
    }

    public Set<Touch> touches() {
        return touches;
    }

    /** Whether keys can be played through it. */
    public boolean isLive() {
        return live != Live.NO;
    }

    /** Whether it works on the keys that are held together, in time. */
    public boolean isLiveInTime() {
        return live == Live.IN_TIME;
    }

    /** Whether it has a seed. */
    public boolean rollsDice() {
        return settings.stream().anyMatch(setting -> setting.type().kind() == SettingType.Kind.SEED);
    }

    /** A step of this kind as what it is. */
    public S own(Step step) {
        @SuppressWarnings("unchecked")
        S own = (S) usual.getClass().cast(step);
        return own;
    }

    /**
     * What was changed from one step to another, done to a third: so an edit made in a form of an older step changes nothing
     * else. All three are of this kind.
     */
    public S merged(Step from, Step to, Step current) {
        if (current.equals(from)) {
            return own(to);
        }
        S changed = own(current);
        for (StepSetting<S> setting : settings) {
            String text = setting.text(own(to), SettingTexts.ALONE);
            if (!text.equals(setting.text(own(from), SettingTexts.ALONE)) && !text.isEmpty()) {
                changed = setting.read(changed, text, SettingTexts.ALONE);
            }
        }
        return changed;
    }

    /** Whether a step of this kind asks for the key. */
    public boolean needsKey(Step step) {
        return needsKey.test(own(step));
    }

    /** Whether other chords may give another outcome of a step of this kind. */
    public boolean answersToChords(Step step) {
        return answers.test(own(step));
    }

    /** The settings of a step of this kind as texts, by their keys, in order. */
    public Map<String, String> texts(Step step, SettingTexts texts) {
        Map<String, String> values = new LinkedHashMap<>();
        settings.forEach(setting -> values.put(setting.key(), setting.text(own(step), texts)));
        return values;
    }

    /**
     * A step of this kind from texts; what is left out has its usual value.
     *
     * @throws MusicTextException names what is wrong, and what would be right
     */
    public S read(Map<String, String> values, SettingTexts texts) {
        S step = usual;
        for (StepSetting<S> setting : settings) {
            if (values.containsKey(setting.key())) {
                step = setting.read(step, values.get(setting.key()), texts);
            }
        }
        return step;
    }

    /** The first of some settings that does not count in a step of this kind, though it is not the usual one. */
    public Optional<StepSetting<S>> unused(Step step, Collection<String> keys) {
        return settings.stream().filter(setting -> keys.contains(setting.key()) && !setting.counts(own(step))
                && !setting.text(own(step), SettingTexts.ALONE).equals(setting.text(usual, SettingTexts.ALONE))).findFirst();
    }

    /** The setting of a key. */
    public Optional<StepSetting<S>> setting(String key) {
        return settings.stream().filter(some -> some.key().equals(key)).findFirst();
    }

    @Override
    public String toString() {
        return name;
    }
}
