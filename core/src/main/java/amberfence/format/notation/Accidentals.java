package amberfence.format.notation;

import amberfence.theory.NoteName;
import amberfence.theory.SpelledPitch;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Which notes of a bar need a sign: those that differ from the signature, or from what was written in the bar before them in their octave. */
public final class Accidentals {
    /** The letters of a signature's sharps in their order; flats come in the other. */
    private static final String SHARPS = "FCGDAEB";
    private final int fifths;
    private final Map<SpelledPitch, Integer> holding = new HashMap<>();

    /** @param fifths sharps of the signature, below 0 flats */
    public Accidentals(int fifths) {
        this.fifths = fifths;
    }

    /** The sign of the next note, as its alteration in semitones; nothing where none is needed. */
    public Optional<Integer> sign(SpelledPitch pitch) {
        SpelledPitch place = new SpelledPitch(new NoteName(pitch.name().letter(), 0), pitch.octave());
        int alteration = pitch.name().alteration();
        Integer before = holding.put(place, alteration);
        int holds = before == null ? inSignature(pitch.name().letter().name()) : before;
        return holds == alteration ? Optional.empty() : Optional.of(alteration);
    }

    private int inSignature(String letter) {
        int place = SHARPS.indexOf(letter);
        return fifths > place ? 1 : -fifths > SHARPS.length() - 1 - place ? -1 : 0;
    }
}
