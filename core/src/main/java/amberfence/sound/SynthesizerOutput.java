package amberfence.sound;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.Soundbank;
import javax.sound.midi.Synthesizer;

/** The JDK's own synthesizer, with its own sounds or those of a SoundFont 2 or DLS file. */
public final class SynthesizerOutput implements SoundOutput {
    private static final int HEAD = 12;
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
            throw new IOException("there is no sound card to play on (" + e.getMessage() + ")", e);
        }
    }

    /** Puts the sounds of a file in. */
    static void load(Synthesizer synthesizer, Optional<Path> sounds) throws IOException {
        if (sounds.isPresent()) {
            synthesizer.loadAllInstruments(read(sounds.get()));
        }
    }

    private static Soundbank read(Path file) throws IOException {
        byte[] head;
        try (InputStream in = Files.newInputStream(file)) {
            head = in.readNBytes(HEAD);
        }
        String kind = new String(head, StandardCharsets.ISO_8859_1);
        // The JDK would take any sound for an instrument, even a MIDI file.
        if (head.length < HEAD || !kind.startsWith("RIFF") || !kind.endsWith("sfbk") && !kind.endsWith("DLS ")) {
            throw new IOException(file + " holds no sounds that can be read; SoundFont 2 and DLS files can");
        }
        try {
            return MidiSystem.getSoundbank(file.toFile());
        } catch (InvalidMidiDataException e) {
            throw new IOException(file + " holds no sounds that can be read; SoundFont 2 and DLS files can", e);
        }
    }

    @Override
    public String name() {
        return "built-in synthesizer";
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
