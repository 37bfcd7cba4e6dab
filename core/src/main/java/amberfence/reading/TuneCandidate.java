package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.theory.Chord;
import amberfence.theory.ChordKinds;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.RootMotion;
import java.util.ArrayList;
import java.util.List;

/**
 * A chord of a key that may go under a tune.
 *
 * @param degree of the key on which it stands, 1 to 7
 * @param notes its pitch classes
 * @param cost above 0 for what is less usual in songs
 * @param wholeTone whether the seventh degree lies a whole tone below the tonic
 */
record TuneCandidate(Chord chord, int degree, PitchClassSet notes, double cost, boolean wholeTone) {
    /** By degree, from common practice, no source: the first, fourth and fifth carry songs, the third is seldom. */
    private static final double[] COST = {0, 0.1, 0.2, 0, 0, 0.08, 0.1};
    private static final double DIMINISHED = 0.5;

    /** Which sevenths tunes have in a key with a minor third and a whole tone below its tonic: what a chord on the fifth costs that has one. */
    private enum Seventh {
        RAISED(0, 0.35), MOSTLY_NATURAL(0.1, 0.1), NATURAL(0.35, 0.1), NEITHER(0.1, 0.35);

        private final double raised;
        private final double natural;

        Seventh(double raised, double natural) {
            this.raised = raised;
            this.natural = natural;
        }

        static Seventh of(List<Line> tunes, PitchClass tonic) {
            int raised = count(tunes, tonic.number() + 11);
            int natural = count(tunes, tonic.number() + 10);
            if (raised == 0) {
                return natural == 0 ? NEITHER : NATURAL;
            }
            return raised >= natural ? RAISED : MOSTLY_NATURAL;
        }
    }

    /** The triads on the degrees of a key; in one with a minor third also the major one on the fifth. */
    static List<TuneCandidate> of(Key key, List<Line> tunes) {
        KeyChords chords = KeyChords.of(key);
        PitchClass tonic = key.tonic().pitchClass();
        boolean wholeTone = chords.note(7).pitchClass().above(tonic) == 10;
        List<TuneCandidate> all = new ArrayList<>();
        for (int degree = 1; degree <= chords.triads().size(); degree++) {
            Chord chord = chords.on(degree, 3);
            double cost = COST[degree - 1] + (isPlain(chord) ? 0 : DIMINISHED);
            if (degree == 5 && wholeTone && chords.note(3).pitchClass().above(tonic) == 3) {
                Seventh seventh = Seventh.of(tunes, tonic);
                Chord dominant = Chord.of(chord.root(), ChordKinds.MAJOR);
                all.add(new TuneCandidate(dominant, degree, dominant.pitchClasses(), seventh.raised, true));
                cost += seventh.natural;
            }
            all.add(new TuneCandidate(chord, degree, chord.pitchClasses(), cost, wholeTone));
        }
        return all;
    }

    private static boolean isPlain(Chord chord) {
        return chord.kind().equals(ChordKinds.MAJOR) || chord.kind().equals(ChordKinds.MINOR);
    }

    private static int count(List<Line> tunes, int pitchClass) {
        int count = 0;
        for (Line tune : tunes) {
            for (Note note : tune.notes()) {
                count += Math.floorMod(note.pitch() - pitchClass, PitchClass.COUNT) == 0 ? 1 : 0;
            }
        }
        return count;
    }

    /** How much of what sounds it holds, 0 to 1. */
    double share(double[] weights) {
        double held = 0;
        double all = 0;
        for (int i = 0; i < weights.length; i++) {
            all += weights[i];
            held += notes.containsPitch(i) ? weights[i] : 0;
        }
        return all == 0 ? 0 : held / all;
    }

    /** How usual it is that another one follows. */
    RootMotion motionTo(TuneCandidate next) {
        return degree == next.degree ? RootMotion.SELDOM : RootMotion.of(degree, next.degree, wholeTone);
    }
}
