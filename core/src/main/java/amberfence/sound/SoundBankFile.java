package amberfence.sound;

import amberfence.format.FileTrouble;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Soundbank;
import javax.sound.midi.Synthesizer;

/** Reads SoundFont 2 and DLS files. A damaged one makes the JDK fail in many ways; all come out as one sentence. */
final class SoundBankFile {
    private static final int HEAD = 12;
    private static final String NONE = "holds no sounds that can be read; SoundFont 2 and DLS files can";
    static final String DAMAGED = "is damaged; its sounds cannot be played";

    private SoundBankFile() {
    }

    static void load(Synthesizer synthesizer, Path file) throws SoundsException {
        Soundbank bank = read(file);
        try {
            if (bank.getInstruments().length == 0) {
                throw new SoundsException(file, NONE, null);
            }
            if (!synthesizer.loadAllInstruments(bank)) {
                throw new SoundsException(file, DAMAGED, null);
            }
        } catch (RuntimeException | OutOfMemoryError e) {
            throw new SoundsException(file, DAMAGED, e);
        }
    }

    private static Soundbank read(Path file) throws SoundsException {
        try {
            byte[] head;
            try (InputStream in = Files.newInputStream(file)) {
                head = in.readNBytes(HEAD);
            }
            String kind = new String(head, StandardCharsets.ISO_8859_1);
            // The JDK would take any sound for an instrument, even a MIDI file.
            if (head.length < HEAD || !kind.startsWith("RIFF") || !kind.endsWith("sfbk") && !kind.endsWith("DLS ")) {
                throw new SoundsException(file, NONE, null);
            }
            return MidiSystem.getSoundbank(file.toFile());
        } catch (SoundsException e) {
            throw e;
        } catch (NoSuchFileException e) {
            throw new SoundsException(file, "does not exist", e);
        } catch (InvalidMidiDataException e) {
            throw new SoundsException(file, NONE, e);
        } catch (FileSystemException e) {
            throw new SoundsException(file, "cannot be read: " + FileTrouble.reason(e), e);
        } catch (IOException | RuntimeException | OutOfMemoryError | StackOverflowError e) {
            throw new SoundsException(file, DAMAGED, e);
        }
    }
}
