package amberfence.theory;

/** The seven letters, each with its semitones above C. */
public enum Letter {
    C(0), D(2), E(4), F(5), G(7), A(9), B(11);

    private static final Letter[] ORDER = values();
    private final int semitones;

    Letter(int semitones) {
        this.semitones = semitones;
    }

    public int semitones() {
        return semitones;
    }

    /** The letter a number of places further on, wrapping from B to C. */
    public Letter plus(int places) {
        return ORDER[Math.floorMod(ordinal() + places, ORDER.length)];
    }
}
