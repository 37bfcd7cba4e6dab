package amberfence.cli;

import amberfence.theory.MusicTextException;
import amberfence.theory.SpelledPitch;

/** Two MIDI pitches as they are typed, {@code C3..C5}. */
record PitchRange(int lowest, int highest) {
    static PitchRange parse(String text) {
        String[] ends = text.split("\\.\\.", -1);
        if (ends.length != 2 || ends[0].isBlank() || ends[1].isBlank()) {
            throw new MusicTextException("“" + text + "” is no range; write two notes, as in C3..C5");
        }
        return new PitchRange(SpelledPitch.parse(ends[0]).number(), SpelledPitch.parse(ends[1]).number());
    }
}
