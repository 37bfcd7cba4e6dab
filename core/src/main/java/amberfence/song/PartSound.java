package amberfence.song;

import amberfence.theory.Range;

/**
 * How a part is heard. It is no part of the music: files of notes do not hold it.
 *
 * @param solo whether, of all parts, only those with solo are heard
 * @param volume 0–127, as controller 7 has it
 * @param program General MIDI program 0–127, or {@link #AS_IT_IS}
 */
public record PartSound(boolean muted, boolean solo, int volume, int program) {
    /** The program that the file gives, or one that suits the role. */
    public static final int AS_IT_IS = -1;
    private static final Range VOLUME = new Range("volume", 0, 127);
    private static final Range PROGRAM = new Range("General MIDI program", AS_IT_IS, 127);
    public static final PartSound USUAL = new PartSound(false, false, 100, AS_IT_IS);

    public PartSound {
        VOLUME.check(volume);
        PROGRAM.check(program);
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

    public PartSound withProgram(int newProgram) {
        return new PartSound(muted, solo, volume, newProgram);
    }
}
