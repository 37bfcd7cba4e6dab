package amberfence.edit;

import java.util.List;
import java.util.OptionalInt;

/** Instruments for the lines of a part, from high to low, as General MIDI numbers them from 0 (General MIDI Level 1 sound set, MIDI Association). */
public enum Ensemble {
    AS_THEY_ARE(List.of()),
    /** Violin, viola, cello, contrabass. */
    STRINGS(List.of(40, 41, 42, 43)),
    /** Trumpet, French horn, trombone, tuba. */
    BRASS(List.of(56, 60, 57, 58)),
    /** Soprano, alto, tenor, baritone. */
    SAXOPHONES(List.of(64, 65, 66, 67)),
    /** Choir, and a single voice on top. */
    VOICES(List.of(53, 52, 52, 52));

    private final List<Integer> programs;

    Ensemble(List<Integer> programs) {
        this.programs = programs;
    }

    /** The program of a line, counted from 0 at the top, of so many; nothing where the lines sound as their part does. */
    OptionalInt program(int line, int lines) {
        if (programs.isEmpty()) {
            return OptionalInt.empty();
        }
        int last = programs.size() - 1;
        return OptionalInt.of(programs.get(lines == 1 ? 0 : (int) Math.round(line * last / (lines - 1.0))));
    }
}
