package amberfence.song;

import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.OptionalInt;

/**
 * How a part is heard. It is no part of the music: files of notes do not hold it.
 *
 * @param solo whether, of all parts, only those with solo are heard
 * @param volume 0–127, as controller 7 has it
 * @param program General MIDI program 0–127; empty for the one that the file gives, or one that suits the role
 */
public record PartSound(boolean muted, boolean solo, int volume, OptionalInt program) {
    private static final Range VOLUME = new Range("volume", 0, 127);
    private static final Range PROGRAM = new Range(Texts.text("General MIDI program"), 0, 127);
    public static final PartSound USUAL = new PartSound(false, false, 100, OptionalInt.empty());

    public PartSound {
        VOLUME.check(volume);
        program.ifPresent(PROGRAM::check);
    }

    public PartSound withMuted(boolean newMuted) {
        return new PartSound(newMuted, solo, volume, program);
    }

    public PartSound withSolo(boolean newSolo) {
        return new PartSound(muted, newSolo, volume, program);
    }

    public PartSound withVolume(int newVolume) {
        return new PartSound(muted, solo, newVolume, program);
    }

    public PartSound withProgram(OptionalInt newProgram) {
        return new PartSound(muted, solo, volume, newProgram);
    }
}
