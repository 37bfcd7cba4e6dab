package amberfence.step.draw;

import amberfence.theory.ChordKind;
import java.util.Locale;

/** The chord that a note becomes. */
sealed interface StackChord {
    /** Degrees of the key, stacked. */
    record InKey() implements StackChord {
    }

    /** Always the same kind. */
    record Kind(ChordKind kind) implements StackChord {
    }

    /** What the song's chords on keys have for the note. */
    record Bank() implements StackChord {
    }

    /** Reads {@code in-key}, {@code bank}, or a kind as it is written behind a root; a plain major triad is {@code maj}. */
    static StackChord parse(String text) {
        String plain = text.strip();
        return switch (plain.toLowerCase(Locale.ROOT)) {
            case "in-key" -> new InKey();
            case "bank" -> new Bank();
            case "maj" -> new Kind(ChordKind.parse(""));
            default -> new Kind(ChordKind.parse(plain));
        };
    }

    /** What {@link #parse} reads. */
    default String text() {
        return this instanceof Kind kind ? kind.kind.suffix().isEmpty() ? "maj" : kind.kind.suffix() : this instanceof Bank ? "bank" : "in-key";
    }
}
