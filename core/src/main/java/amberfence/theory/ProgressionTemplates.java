package amberfence.theory;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The list of common progressions, {@code progressions.txt}. */
public final class ProgressionTemplates {
    private static final List<ProgressionTemplate> ALL = load();

    private ProgressionTemplates() {
    }

    /** Every progression in the order of the list. */
    public static List<ProgressionTemplate> all() {
        return ALL;
    }

    private static List<ProgressionTemplate> load() {
        List<ProgressionTemplate> all = new ArrayList<>();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                ProgressionTemplates.class.getResourceAsStream("progressions.txt"), StandardCharsets.UTF_8))) {
            String group = "";
            for (String line : in.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList()) {
                if (line.startsWith("==")) {
                    group = line.substring(2).replaceAll("\\(.*", "").strip();
                } else {
                    List<String> cells = List.of(line.split("\\s*\\|\\s*"));
                    all.add(new ProgressionTemplate(cells.get(0), group, cells.subList(1, cells.size()).stream()
                            .map(bar -> List.of(bar.split("\\s+"))).toList()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return List.copyOf(all);
    }
}
