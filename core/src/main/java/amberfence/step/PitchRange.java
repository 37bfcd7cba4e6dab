package amberfence.step;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;

/** Two MIDI pitches as they are typed, {@code C3..C5}. */
public record PitchRange(int lowest, int highest) {
    /** Reads two pitches, each a name or a number. */
    public static PitchRange parse(String text) {
        String[] ends = text.split("\\.\\.", -1);
        if (ends.length != 2 || ends[0].isBlank() || ends[1].isBlank()) {
            throw new MusicTextException(Texts.say("“%s” is no range; write two notes, as in C3..C5", text));
        }
        return new PitchRange(SettingValues.pitch(ends[0]), SettingValues.pitch(ends[1]));
    }

    /** What {@link #parse} reads. */
    public String text() {
        return SettingValues.pitchText(lowest) + ".." + SettingValues.pitchText(highest);
    }
}
