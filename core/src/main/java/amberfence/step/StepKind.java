package amberfence.step;

import java.util.List;

/**
 * A step as people choose it: its identity in files and on the command line, its name, where it is listed, what it does,
 * its settings, and the step with its usual settings.
 */
public record StepKind(String id, String name, String group, String summary, List<SettingInfo> settings, Step usual) {
    /** One setting: what it is called in files, what it means, and what it can be (the first being usual). */
    public record SettingInfo(String name, String meaning, List<String> choices) {
        public SettingInfo {
            choices = List.copyOf(choices);
        }
    }

    public StepKind {
        settings = List.copyOf(settings);
    }
}
