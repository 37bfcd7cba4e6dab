package amberfence.sound;

import amberfence.words.Texts;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.Synthesizer;

/** The JDK's own synthesizer, with its own sounds or those of a SoundFont 2 or DLS file. */
public final class SynthesizerOutput implements SoundOutput {
    private final Synthesizer synthesizer;
    private final Receiver receiver;

    private SynthesizerOutput(Synthesizer synthesizer) throws MidiUnavailableException {
        this.synthesizer = synthesizer;
        this.receiver = synthesizer.getReceiver();
    }

    /**
     * Opens it.
     *
     * @param sounds a SoundFont 2 or DLS file to use instead of its own sounds
     * @throws IOException in words: there is no sound card, or the file holds no sounds
     */
    public static SynthesizerOutput open(Optional<Path> sounds) throws IOException {
        Synthesizer synthesizer = null;
        try {
            synthesizer = MidiSystem.getSynthesizer();
            synthesizer.open();
            load(synthesizer, sounds);
            return new SynthesizerOutput(synthesizer);
        } catch (MidiUnavailableException | IllegalArgumentException | SecurityException e) {
            if (synthesizer != null) {
                synthesizer.close();
            }
            throw new IOException(Texts.say("there is no sound card to play on (%s)", e.getMessage()), e);
        }
    }

    /** Puts the sounds of a file in. */
    static void load(Synthesizer synthesizer, Optional<Path> sounds) throws SoundsException {
        if (sounds.isPresent()) {
            SoundBankFile.load(synthesizer, sounds.get());
        }
    }

    @Override
    public String name() {
        return Texts.say("built-in synthesizer");
    }

    @Override
    public void send(int message) {
        receiver.send(JavaMessages.of(message), -1);
    }

    @Override
    public void close() {
        receiver.close();
        synthesizer.close();
    }
}
