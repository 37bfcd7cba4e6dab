package amberfence.sound;

import amberfence.words.Texts;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.ShortMessage;

/** Messages as the JDK has them. */
final class JavaMessages {
    private JavaMessages() {
    }

    static ShortMessage of(int message) {
        try {
            return new ShortMessage(Messages.status(message), Messages.first(message), Messages.second(message));
        } catch (InvalidMidiDataException e) {
            throw new IllegalArgumentException(Texts.say("no short message: %s", Integer.toHexString(message)), e);
        }
    }
}
