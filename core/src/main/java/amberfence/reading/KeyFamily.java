package amberfence.reading;

import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.util.List;

/** Among which scales a key is looked for. */
public enum KeyFamily {
    MAJOR_MINOR("major", "minor"),
    MODES("major", "minor", "dorian", "mixolydian", "phrygian", "lydian", "locrian"),
    PENTATONIC("major", "minor", "dorian", "mixolydian", "phrygian", "lydian", "locrian", "major pentatonic",
            "minor pentatonic");

    private final List<String> names;

    KeyFamily(String... names) {
        this.names = List.of(names);
    }

    public List<Scale> scales() {
        return names.stream().map(name -> Scales.named(name).orElseThrow()).toList();
    }
}
