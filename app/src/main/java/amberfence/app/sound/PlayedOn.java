package amberfence.app.sound;

import amberfence.app.session.Preferences;
import amberfence.sound.Devices;
import amberfence.sound.SoundOutput;
import amberfence.sound.Sounds;
import amberfence.sound.SynthesizerOutput;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.util.function.Consumer;

/**
 * What is played on, as a person chose it; it is kept for the next start.
 *
 * @param sounds with which the application plays by itself, and writes sound files
 * @param device the name of a device outside that sounds in its place; empty for none
 */
public record PlayedOn(Sounds sounds, String device) {
    /** The sounds that are found, on no device. */
    public static final PlayedOn USUAL = new PlayedOn(Sounds.INSTALLED, "");
    private static final String KEPT_SOUNDS = "sounds";
    private static final String KEPT_DEVICE = "sound-device";

    /** What was kept. */
    static PlayedOn kept(Preferences preferences) {
        Sounds sounds;
        try {
            sounds = Sounds.parse(preferences.text(KEPT_SOUNDS, USUAL.sounds.text()));
        } catch (InvalidPathException e) {
            sounds = USUAL.sounds;
        }
        return new PlayedOn(sounds, preferences.text(KEPT_DEVICE, USUAL.device));
    }

    void keep(Preferences preferences) {
        preferences.keep(KEPT_SOUNDS, sounds.text());
        preferences.keep(KEPT_DEVICE, device);
    }

    /** The application plays by itself, with some sounds. */
    PlayedOn with(Sounds others) {
        return new PlayedOn(others, "");
    }

    /** A device plays; sound files go on having the same sounds. */
    PlayedOn with(String another) {
        return new PlayedOn(sounds, another);
    }

    /**
     * Opens it.
     *
     * @param trouble is told when plain sounds must do
     * @throws IOException in words, when it cannot be opened
     */
    public SoundOutput open(Consumer<String> trouble) throws IOException {
        return device.isEmpty() ? sounds.use(SynthesizerOutput::open, trouble) : Devices.open(device);
    }
}
