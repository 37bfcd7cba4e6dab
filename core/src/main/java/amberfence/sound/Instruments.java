package amberfence.sound;

import amberfence.notes.Role;
import amberfence.words.Texts;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The instruments of General MIDI by program, 0 to 127, with their families. */
public final class Instruments {
    private static final List<String> NAMES = new ArrayList<>();
    private static final List<String> FAMILIES = new ArrayList<>();
    /** What is heard where neither the person nor the file says anything. */
    private static final Map<Role, Integer> USUAL = Map.of(Role.MELODY, 73, Role.BASS, 33, Role.CHORDS, 4, Role.FIGURE, 12);
    private static final int PIANO = 0;

    static {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(Instruments.class.getResourceAsStream("instruments.txt"),
                StandardCharsets.UTF_8))) {
            String family = "";
            for (String line : in.lines().filter(some -> !some.isBlank() && !some.startsWith("#")).toList()) {
                if (line.startsWith("==")) {
                    family = Texts.say(line.substring(2).strip());
                } else {
                    NAMES.add(Texts.say(line.strip()));
                    FAMILIES.add(family);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Instruments() {
    }

    /** The names in the order of the programs. */
    public static List<String> names() {
        return List.copyOf(NAMES);
    }

    public static String family(int program) {
        return FAMILIES.get(program);
    }

    /** A program that suits a role. */
    public static int usual(Role role) {
        return USUAL.getOrDefault(role, PIANO);
    }
}
