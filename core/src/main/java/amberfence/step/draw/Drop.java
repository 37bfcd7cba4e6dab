package amberfence.step.draw;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.List;

/** Which voices of a chord, counted from the top, go down an octave. */
record Drop(List<Integer> voices) {
    static final Drop NONE = new Drop(List.of());
    private static final List<Drop> ALL = List.of(NONE, new Drop(List.of(2)), new Drop(List.of(3)), new Drop(List.of(2, 4)));

    Drop {
        voices = List.copyOf(voices);
    }

    /** Reads {@code none}, {@code 2}, {@code 3} or {@code 2+4}. */
    static Drop parse(String text) {
        return ALL.stream().filter(drop -> drop.text().equalsIgnoreCase(text.replace(" ", ""))).findFirst()
                .orElseThrow(() -> new MusicTextException(Texts.say("it is none, 2, 3 or 2+4")));
    }

    /** What {@link #parse} reads. */
    String text() {
        return voices.isEmpty() ? "none" : String.join("+", voices.stream().map(String::valueOf).toList());
    }
}
