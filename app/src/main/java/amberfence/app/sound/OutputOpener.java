package amberfence.app.sound;

import amberfence.sound.SoundOutput;
import java.io.IOException;
import java.util.function.Consumer;

/** Opens what is played on. */
public interface OutputOpener {
    /**
     * Opens an output.
     *
     * @param trouble is told, in words, when another one than was wanted must do
     * @throws IOException in words, when there is none
     */
    SoundOutput open(PlayedOn wanted, Consumer<String> trouble) throws IOException;
}
