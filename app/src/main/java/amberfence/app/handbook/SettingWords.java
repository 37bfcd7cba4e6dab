package amberfence.app.handbook;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.layout.VBox;

/** What a setting is: its name, what it means, what it may be, what is usual, when it counts, and how it is typed; all from its schema. */
public final class SettingWords {
    private SettingWords() {
    }

    /** A setting explained, for the usual step of its kind. */
    public static <S extends Step> VBox of(StepSchema<S> schema, StepSetting<S> setting) {
        String usual = setting.text(schema.usual(), SettingTexts.ALONE);
        VBox box = new VBox(1, Controls.label(setting.label(), "strong"), Controls.paragraph(setting.meaning(), "plain"));
        sentences(setting, usual).forEach(sentence -> box.getChildren().add(Controls.paragraph(sentence, "soft")));
        box.setId("setting-" + schema.name() + "-" + setting.key());
        return box;
    }

    /** What there is to say besides the meaning. */
    private static List<String> sentences(StepSetting<?> setting, String usual) {
        List<String> sentences = new ArrayList<>();
        sentences.add(Words.say("handbook.mayBe", choices(setting)));
        if (!usual.isEmpty()) {
            sentences.add(Words.say("handbook.usual", isChoice(setting) ? setting.words(usual) : usual));
        }
        if (!setting.use().words().isEmpty()) {
            sentences.add(Words.say("handbook.counts", setting.use().words()));
        }
        sentences.add(Words.say("handbook.typed", setting.key() + "=" + (usual.isEmpty() ? setting.example().orElse("…")
                : usual.contains(" ") ? "\"" + usual + "\"" : usual)));
        return sentences;
    }

    private static boolean isChoice(StepSetting<?> setting) {
        return setting.type().kind() == SettingType.Kind.CHOICE || setting.type().kind() == SettingType.Kind.CHOICES;
    }

    /** Choices in the words of the form, with what is typed for them where that is another word. */
    private static String choices(StepSetting<?> setting) {
        return isChoice(setting) ? setting.type().values().stream().map(value -> setting.words(value).equals(value) ? value
                : setting.words(value) + " (" + value + ")").collect(Collectors.joining(", ")) : setting.type().words();
    }
}
