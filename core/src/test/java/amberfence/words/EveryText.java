package amberfence.words;

import amberfence.step.SettingType;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.recipe.Recipe;
import amberfence.step.recipe.Recipes;
import amberfence.sound.Instruments;
import amberfence.theory.ProgressionTemplate;
import amberfence.theory.ProgressionTemplates;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** All English texts of the core that a translation has to have: those in the code, those of the schemas, and those of tables. */
final class EveryText {
    private static final String TEXT = "\"((?:[^\"\\\\]|\\\\.)*)\"";
    /** What is said: whatever comes before the first text and holds none, the text, and for counts another one. */
    private static final Pattern SAID = Pattern.compile("Texts\\.(?:say|text|count)\\((?:[^\"()]|\\([^()\"]*\\))*"
            + TEXT + "(?:,\\s*" + TEXT + ")?");

    private EveryText() {
    }

    /** A source file in which texts that run over several lines are in one piece. */
    static String joined(Path file) throws IOException {
        return Files.readString(file).replaceAll("\"\\s*\\+\\s*\"", "");
    }

    static List<Path> sources() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "java", "amberfence"))) {
            return files.filter(file -> file.toString().endsWith(".java") && !file.endsWith("Texts.java")).toList();
        }
    }

    /** Every English text that stands in the code where it is said. */
    static Set<String> said() throws IOException {
        Set<String> texts = new TreeSet<>();
        for (Path file : sources()) {
            Matcher said = SAID.matcher(joined(file));
            while (said.find()) {
                texts.add(said.group(1).replace("\\\"", "\""));
                texts.add(said.group(2) == null ? "" : said.group(2));
            }
        }
        texts.remove("");
        return texts;
    }

    /** What describes steps and their settings. */
    static Set<String> ofSteps() {
        Set<String> texts = new TreeSet<>();
        for (StepSchema<?> schema : StepCatalogue.all()) {
            texts.add(schema.title());
            texts.add(schema.meaning());
            for (StepSetting<?> setting : schema.settings()) {
                texts.add(setting.shown().label());
                texts.add(setting.meaning());
                texts.add(setting.use().words());
                texts.addAll(setting.shown().values());
                if (setting.type().kind() == SettingType.Kind.CHOICE || setting.type().kind() == SettingType.Kind.CHOICES) {
                    setting.type().values().forEach(value -> texts.add(setting.words(value)));
                }
            }
        }
        texts.remove("");
        return texts;
    }

    /** What stands in tables: scales, progressions, instruments, recipes. */
    static Set<String> ofTables() {
        Set<String> texts = new TreeSet<>();
        for (Scale scale : Scales.all()) {
            texts.add(scale.name());
            texts.add(scale.group());
        }
        for (ProgressionTemplate template : ProgressionTemplates.all()) {
            texts.add(template.name());
            texts.add(template.group());
        }
        texts.addAll(Instruments.names());
        IntStream.rangeClosed(0, 127).mapToObj(Instruments::family).forEach(texts::add);
        for (Recipe recipe : Recipes.all()) {
            texts.add(recipe.name().replace('-', ' '));
            texts.add(recipe.meaning());
        }
        return texts;
    }
}
