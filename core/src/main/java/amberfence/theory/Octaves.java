package amberfence.theory;

/** Finds a pitch class in the octave nearest to where it was wanted. */
public final class Octaves {
    private Octaves() {
    }

    /** The wanted pitch itself when MIDI has it, else the same pitch class in the nearest octave that has. */
    public static int within(int wanted) {
        return within(wanted, (int) Range.PITCH.lowest(), (int) Range.PITCH.highest());
    }

    /** The same between two pitches, which are an octave apart at least; else it may come out below the lower. */
    public static int within(int wanted, int lowest, int highest) {
        int pitch = wanted;
        while (pitch < lowest) {
            pitch += PitchClass.COUNT;
        }
        while (pitch > highest) {
            pitch -= PitchClass.COUNT;
        }
        return pitch;
    }
}
