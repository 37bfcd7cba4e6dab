package amberfence.step.move;

import amberfence.theory.Degree;
import amberfence.theory.KeyLadder;
import amberfence.theory.PitchClass;

/** Names the degree of a pitch as its place in the ladder tells it, so that a raised 4 stays a raised number. */
public final class DegreeWords {
    /** More than a double sign reads worse than the degree next to it. */
    private static final int MOST = 2;

    private DegreeWords() {
    }

    static String of(KeyLadder ladder, int pitch) {
        return of(ladder, ladder.place(pitch));
    }

    /** The degree of a place in a ladder. */
    public static String of(KeyLadder ladder, KeyLadder.Place place) {
        Degree own = ladder.key().scale().degrees().get(Math.floorMod(place.rung(), ladder.size()));
        int alteration = own.alteration() + place.alteration();
        if (place.alteration() == 0) {
            return own.text();
        }
        return Math.abs(alteration) > MOST ? ladder.key().spelling().degreeText(PitchClass.of(ladder.pitch(place)))
                : alteration == 0 ? "♮" + own.number() : new Degree(own.number(), alteration).text();
    }
}
