package amberfence.format.project;

import amberfence.words.Texts;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** The ways out that were chosen by hand for the notes of a step. Earlier files kept them among the step's settings. */
final class ResolvedNotes {
    /** The step that kept them among its settings, by its names. */
    private static final Set<String> FORMERLY = Set.of("fitMelody", "fit-melody");

    private ResolvedNotes() {
    }

    static void write(Map<Long, String> resolved, ObjectNode step) {
        ObjectNode node = step.putObject("resolved");
        resolved.forEach((note, fix) -> node.put(Long.toString(note), fix));
    }

    /**
     * Reads them; those among the settings are taken out there.
     *
     * @param step the entry of the step
     * @param settings of the step
     */
    static Map<Long, String> read(Place step, Place settings) {
        Map<Long, String> resolved = new TreeMap<>();
        step.find("resolved").ifPresent(some -> some.object().fieldNames().forEachRemaining(note -> resolved.put(number(some, note),
                some.field(note).text())));
        if (!FORMERLY.contains(step.field("kind").text())) {
            return resolved;
        }
        settings.find("ways").ifPresent(some -> some.items().forEach(way -> resolved.put(way.field("note").whole(),
                way.field("up").flag() ? "up" : "down")));
        settings.find("resolved").ifPresent(some -> {
            for (String way : some.text().split(",")) {
                if (!way.isBlank()) {
                    String[] words = way.strip().split(" ");
                    resolved.put(number(some, words[0]), words.length > 1 ? words[1] : "");
                }
            }
        });
        settings.object().remove("ways");
        settings.object().remove("resolved");
        return resolved;
    }

    private static long number(Place at, String text) {
        if (!text.matches("-?\\d{1,18}")) {
            throw at.wrong(Texts.say("“%s” is no number of a note", text));
        }
        return Long.parseLong(text);
    }
}
