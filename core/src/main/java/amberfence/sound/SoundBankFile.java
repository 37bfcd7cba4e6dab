package amberfence.sound;

import amberfence.format.FileTrouble;
import amberfence.words.Texts;
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
    private static final String NONE = Texts.text("%s holds no sounds that can be read; SoundFont 2 and DLS files can");
    static final String DAMAGED = Texts.text("%s is damaged; its sounds cannot be played");

    private SoundBankFile() {
    }

    static void load(Synthesizer synthesizer, Path file) throws SoundsException {
        Soundbank bank = read(file);
        try {
            if (bank.getInstruments().length == 0) {
                throw new SoundsException(Texts.say(NONE, file), null);
            }
            if (!synthesizer.loadAllInstruments(bank)) {
                throw new SoundsException(Texts.say(DAMAGED, file), null);
            }
        } catch (RuntimeException | OutOfMemoryError e) {
            throw new SoundsException(Texts.say(DAMAGED, file), e);
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
                throw new SoundsException(Texts.say(NONE, file), null);
            }
            return MidiSystem.getSoundbank(file.toFile());
        } catch (SoundsException e) {
            throw e;
        } catch (NoSuchFileException e) {
            throw new SoundsException(Texts.say("%s does not exist", file), e);
        } catch (InvalidMidiDataException e) {
            throw new SoundsException(Texts.say(NONE, file), e);
        } catch (FileSystemException e) {
            throw new SoundsException(Texts.say("%s cannot be read: %s", file, FileTrouble.reason(e)), e);
        } catch (IOException | RuntimeException | OutOfMemoryError | StackOverflowError e) {
            throw new SoundsException(Texts.say(DAMAGED, file), e);
        }
    }
}
