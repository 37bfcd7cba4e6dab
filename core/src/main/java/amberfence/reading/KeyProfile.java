package amberfence.reading;

import amberfence.theory.PitchClass;
import java.util.Arrays;

/**
 * How much each of the twelve pitch classes above a tonic belongs to major and to minor keys, as published. Index 0 is
 * the tonic.
 */
public enum KeyProfile {
    /** Krumhansl and Kessler, Psychological Review 89 (1982) 334–368. */
    KRUMHANSL_KESSLER(
            new double[] {6.35, 2.23, 3.48, 2.33, 4.38, 4.09, 2.52, 5.19, 2.39, 3.66, 2.29, 2.88},
            new double[] {6.33, 2.68, 3.52, 5.38, 2.60, 3.53, 2.54, 4.75, 3.98, 2.69, 3.34, 3.17}),
    /** Temperley, What's Key for Key?, Music Perception 17 (1999) 65–100. */
    TEMPERLEY(
            new double[] {5, 2, 3.5, 2, 4.5, 4, 2, 4.5, 2, 3.5, 1.5, 4},
            new double[] {5, 2, 3.5, 4.5, 2, 4, 2, 4.5, 3.5, 2, 1.5, 4}),
    /** Temperley, Music and Probability (2007), from the examples in Kostka and Payne's textbook. */
    KOSTKA_PAYNE(
            new double[] {.748, .060, .488, .082, .670, .460, .096, .715, .104, .366, .057, .400},
            new double[] {.712, .084, .474, .618, .049, .460, .105, .747, .404, .067, .133, .330}),
    /** Aarden, PhD thesis, Ohio State University (2003), from the Essen folk-song collection. */
    AARDEN_ESSEN(
            new double[] {17.7661, .145624, 14.9265, .160186, 19.8049, 11.3587, .291248, 22.062, .145624, 8.15494,
                .232998, 4.95122},
            new double[] {18.2648, .737619, 14.0499, 16.8599, .702494, 14.4362, .702494, 18.6161, 4.56621, 1.93186,
                7.37619, 1.75623}),
    /** Bellman, CMMR 2005, after Budge's chord counts. */
    BELLMAN_BUDGE(
            new double[] {16.80, .86, 12.95, 1.41, 13.49, 11.93, 1.25, 20.28, 1.80, 8.04, .62, 10.57},
            new double[] {18.16, .69, 12.99, 13.34, 1.07, 11.15, 1.38, 21.07, 7.49, 1.53, .92, 10.21}),
    /** Albrecht and Shanahan, Music Perception 31 (2013) 59–67. */
    ALBRECHT_SHANAHAN(
            new double[] {.238, .006, .111, .006, .137, .094, .016, .214, .009, .080, .008, .081},
            new double[] {.220, .006, .104, .123, .019, .103, .012, .214, .062, .022, .061, .052});

    private final double[] major;
    private final double[] minor;

    KeyProfile(double[] major, double[] minor) {
        this.major = major;
        this.minor = minor;
    }

    /** How much the pitch class so many semitones above the tonic belongs to a major key. */
    public double major(int semitones) {
        return major[semitones];
    }

    public double minor(int semitones) {
        return minor[semitones];
    }

    double[] copy(boolean ofMajor) {
        return (ofMajor ? major : minor).clone();
    }

    /**
     * Pearson's correlation of weights by pitch class (index 0 = C) with a profile whose tonic is given (Krumhansl,
     * Cognitive Foundations of Musical Pitch, 1990, ch. 4); NaN when either does not vary.
     */
    static double correlation(double[] weights, double[] profile, PitchClass tonic) {
        double meanWeight = Arrays.stream(weights).average().orElse(0);
        double meanProfile = Arrays.stream(profile).average().orElse(0);
        double product = 0;
        double squareWeight = 0;
        double squareProfile = 0;
        for (int i = 0; i < 12; i++) {
            double w = weights[i] - meanWeight;
            double p = profile[Math.floorMod(i - tonic.number(), 12)] - meanProfile;
            product += w * p;
            squareWeight += w * w;
            squareProfile += p * p;
        }
        return squareWeight < 1e-12 || squareProfile < 1e-12 ? Double.NaN
                : product / Math.sqrt(squareWeight * squareProfile);
    }

    /** The correlation of weights with a major or minor key. */
    public double correlation(double[] weights, PitchClass tonic, boolean ofMajor) {
        return correlation(weights, ofMajor ? major : minor, tonic);
    }
}
