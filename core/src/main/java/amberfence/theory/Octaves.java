package amberfence.theory;

/** Finds a pitch class in the octave nearest to where it was wanted. */
public final class Octaves {
    private Octaves() {
    }

    /** The wanted pitch itself when MIDI has it, else the same pitch class in the nearest octave that has. */
    public static int within(int wanted) {
        int pitch = wanted;
        while (pitch < Range.PITCH.lowest()) {
            pitch += PitchClass.COUNT;
        }
        while (pitch > Range.PITCH.highest()) {
            pitch -= PitchClass.COUNT;
        }
        return pitch;
    }
}
