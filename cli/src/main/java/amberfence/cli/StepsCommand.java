package amberfence.cli;

import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.catalogue.StepText;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Lists the steps and their settings, as they are typed behind {@code --step}. */
@Command(name = "steps", mixinStandardHelpOptions = true, description = "Lists the steps and their settings, or those of one, as --step reads them.")
final class StepsCommand implements Runnable {
    @Parameters(paramLabel = "NAME", arity = "0..1", description = "of which step; without it of all")
    private String name;

    @Option(names = "--json", description = "as JSON, for other programs")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(json(asked()));
            return;
        }
        for (StepSchema<?> schema : asked()) {
            out.println(schema.name() + "  " + schema.title() + " (" + schema.group().title() + ")");
            out.println("  " + schema.meaning());
            Map<String, String> usual = schema.texts(schema.usual(), SettingTexts.ALONE);
            for (StepSetting<?> setting : schema.settings()) {
                String value = usual.get(setting.key());
                out.println("  " + setting.key() + (value.isEmpty() ? "" : "=" + quoted(value)) + "  " + setting.meaning() + " ("
                        + setting.type().words() + ")");
            }
        }
    }

    private List<StepSchema<?>> asked() {
        return name == null ? StepCatalogue.all() : List.of(StepOptions.read(() -> StepText.schema(name)));
    }

    private static String quoted(String value) {
        return value.contains(" ") ? "\"" + value + "\"" : value;
    }

    private static String json(List<StepSchema<?>> asked) {
        ObjectMapper mapper = new ObjectMapper();
        ArrayNode steps = mapper.createArrayNode();
        for (StepSchema<?> schema : asked) {
            ObjectNode step = steps.addObject().put("name", schema.name()).put("title", schema.title())
                    .put("group", schema.group().title()).put("meaning", schema.meaning()).put("live", schema.isLive());
            schema.touches().forEach(touch -> step.withArray("touches").add(touch.name().toLowerCase(Locale.ROOT)));
            Map<String, String> usual = schema.texts(schema.usual(), SettingTexts.ALONE);
            ArrayNode settings = step.putArray("settings");
            for (StepSetting<?> setting : schema.settings()) {
                SettingType type = setting.type();
                ObjectNode node = settings.addObject().put("key", setting.key()).put("type", type.kind().name().toLowerCase(Locale.ROOT)
                        .replace('_', '-'));
                type.values().forEach(node.putArray("values")::add);
                type.least().ifPresent(least -> node.put("least", least));
                type.most().ifPresent(most -> node.put("most", most));
                node.put("label", setting.label());
                setting.shown().values().forEach(node.withArray("words")::add);
                node.put("unit", type.unit()).put("usual", usual.get(setting.key())).put("meaning", setting.meaning());
            }
        }
        try {
            return mapper.writeValueAsString(steps);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("the steps could not be put into JSON", e);
        }
    }
}
