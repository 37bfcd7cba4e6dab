package amberfence.theory;

import java.util.List;

/**
 * All pitches of a key as rungs, counted through the octaves: going up n rungs is going up n degrees. A pitch outside
 * stands on the rung of its degree with an alteration, so that it keeps it wherever it goes: F♯ in C major is 4 raised
 * by one.
 */
public final class KeyLadder {
    /**
     * Where a pitch stands.
     *
     * @param rung counted from the lowest tonic at or above MIDI 0, whose rung is 0
     * @param alteration semitones above the rung, 0 for a pitch inside
     */
    public record Place(int rung, int alteration) {
        /** So many rungs higher, with the same alteration. */
        public Place plus(int rungs) {
            return new Place(rung + rungs, alteration);
        }
    }

    private final Key key;
    private final int tonic;
    private final int[] semitones;
    /** For each semitone above the tonic its rung, −1 to the number of degrees, and its alteration. */
    private final Place[] places = new Place[PitchClass.COUNT];

    private KeyLadder(Key key) {
        this.key = key;
        this.tonic = key.tonic().pitchClass().number();
        this.semitones = key.scale().degrees().stream().mapToInt(Degree::semitones).toArray();
        Spelling spelling = key.spelling();
        for (int above = 0; above < places.length; above++) {
            places[above] = place(above, spelling.degree(PitchClass.of(tonic + above)));
        }
    }

    public static KeyLadder of(Key key) {
        return new KeyLadder(key);
    }

    /** The rung of its own degree number, when the scale has one; else the nearest, the lower of two. */
    private Place place(int above, Degree degree) {
        List<Degree> degrees = key.scale().degrees();
        Place best = null;
        for (int i = 0; i < semitones.length; i++) {
            if (semitones[i] == above) {
                return new Place(i, 0);
            }
        }
        boolean sameNumber = degrees.stream().anyMatch(own -> own.number() == degree.number());
        for (int rung = -1; rung <= semitones.length; rung++) {
            int own = Math.floorMod(rung, semitones.length);
            int alteration = above - semitones[own] - PitchClass.COUNT * Math.floorDiv(rung, semitones.length);
            if ((!sameNumber || degrees.get(own).number() == degree.number())
                    && (best == null || Math.abs(alteration) < Math.abs(best.alteration()))) {
                best = new Place(rung, alteration);
            }
        }
        return best;
    }

    public Key key() {
        return key;
    }

    /** How many rungs an octave has. */
    public int size() {
        return semitones.length;
    }

    public Place place(int pitch) {
        int octave = Math.floorDiv(pitch - tonic, PitchClass.COUNT);
        Place within = places[Math.floorMod(pitch - tonic, PitchClass.COUNT)];
        return new Place(octave * semitones.length + within.rung(), within.alteration());
    }

    /** The pitch of a place; it may lie outside MIDI. */
    public int pitch(Place place) {
        return tonic + PitchClass.COUNT * Math.floorDiv(place.rung(), semitones.length)
                + semitones[Math.floorMod(place.rung(), semitones.length)] + place.alteration();
    }

    /** The pitch so many degrees higher, or lower when negative, with the same alteration. */
    public int moved(int pitch, int degrees) {
        return pitch(place(pitch).plus(degrees));
    }
}
