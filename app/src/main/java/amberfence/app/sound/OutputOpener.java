package amberfence.app.sound;

import amberfence.sound.SoundOutput;
import java.io.IOException;

/** Opens what is played on. */
public interface OutputOpener {
    /**
     * Opens an output.
     *
     * @throws IOException in words, when there is none
     */
    SoundOutput open() throws IOException;
}
