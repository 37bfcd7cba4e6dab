package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.TimeMap;
import amberfence.theory.Key;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** A tune in the public domain whose key is known, written down from memory in {@code tunes.txt}. */
record Tune(String name, Key key, Line line, TimeMap time) {
    static List<Tune> all() throws IOException {
        List<Tune> tunes = new ArrayList<>();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Tune.class.getResourceAsStream("tunes.txt"), StandardCharsets.UTF_8))) {
            for (String line : in.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList()) {
                String[] cells = line.split("\\s*\\|\\|\\s*");
                String[] metre = cells[2].split("/");
                tunes.add(new Tune(cells[0], Key.parse(cells[1]), LineText.parse(cells[3], 240, 0, 1),
                        TimeMap.of(480, 500_000, Integer.parseInt(metre[0]), Integer.parseInt(metre[1]))));
            }
        }
        return tunes;
    }
}
