package amberfence.theory;

/** One of the twelve pitch classes, 0 (C) to 11 (B), whatever its octave or spelling. */
public record PitchClass(int number) {
    public static final int COUNT = 12;

    public PitchClass {
        Range.PITCH_CLASS.check(number);
    }

    /** The pitch class of any whole number of semitones above C, also negative. */
    public static PitchClass of(int semitones) {
        return new PitchClass(Math.floorMod(semitones, COUNT));
    }

    public PitchClass plus(int semitones) {
        return of(number + semitones);
    }

    /** Semitones from the given pitch class up to this one, 0 to 11. */
    public int above(PitchClass lower) {
        return Math.floorMod(number - lower.number, COUNT);
    }
}
