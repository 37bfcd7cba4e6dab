package amberfence.analysis;

import amberfence.notes.Note;
import amberfence.theory.Octaves;
import amberfence.words.Texts;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Notes out of the usual range of their instrument, by its General MIDI program; the table is {@code instrument-ranges.txt}. */
final class RangeFinder implements Finder {
    /** Lowest and highest pitch of a program. */
    private static final Map<Integer, int[]> RANGES = load();

    private static Map<Integer, int[]> load() {
        Map<Integer, int[]> ranges = new HashMap<>();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(RangeFinder.class.getResourceAsStream("instrument-ranges.txt"),
                StandardCharsets.UTF_8))) {
            for (String line : in.lines().filter(line -> !line.isBlank() && !line.startsWith("#")).toList()) {
                String[] cells = line.split("\\s*\\|\\s*");
                String[] programs = cells[0].strip().split("-");
                for (int program = Integer.parseInt(programs[0]); program <= Integer.parseInt(programs[programs.length - 1]); program++) {
                    ranges.put(program, new int[] {Integer.parseInt(cells[1]), Integer.parseInt(cells[2])});
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Map.copyOf(ranges);
    }

    @Override
    public List<Doubt> find(PartReading reading) {
        List<Doubt> found = new ArrayList<>();
        int[] range = reading.program().isPresent() ? RANGES.get(reading.program().getAsInt()) : null;
        for (Note note : range == null ? List.<Note>of() : reading.line().notes()) {
            if (note.pitch() < range[0] || note.pitch() > range[1]) {
                int nearer = Octaves.within(note.pitch(), range[0], range[1]);
                boolean low = note.pitch() < range[0];
                found.add(new Doubt(DoubtKind.RANGE, reading.part().id(), List.of(note), names -> Texts.say(low
                        ? Texts.text("%s is below the usual range of the instrument, which begins at %s")
                        : Texts.text("%s is above the usual range of the instrument, which ends at %s"), names.apply(note.pitch()),
                        names.apply(low ? range[0] : range[1])), List.of(new Mend.ToPitch(note.id(), nearer))));
            }
        }
        return found;
    }
}
