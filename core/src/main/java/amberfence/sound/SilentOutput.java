package amberfence.sound;

import amberfence.words.Texts;

/** Nothing is heard; all else runs as usual. */
public final class SilentOutput implements SoundOutput {
    @Override
    public String name() {
        return Texts.say("silence");
    }

    @Override
    public void send(int message) {
        // Silence is what it is for.
    }
}
