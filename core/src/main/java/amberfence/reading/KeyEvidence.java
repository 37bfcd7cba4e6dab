package amberfence.reading;

import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;

/** One fact that speaks for or against a key. */
public sealed interface KeyEvidence {
    /** The fact as a few words, spelled as in the key. */
    String words(Spelling spelling);

    /** Whether the lowest notes at the beginning and at the end are the tonic. */
    record BassFrame(boolean starts, boolean ends) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            String tonic = spelling.key().tonic().text();
            return starts && ends ? "the bass starts and ends on " + tonic
                    : ends ? "the bass ends on " + tonic
                    : starts ? "the bass starts on " + tonic + " but does not end there"
                    : "the bass neither starts nor ends on " + tonic;
        }
    }

    /** The bass comes to its last note, the tonic, from the fifth, or from the fourth above. */
    record Cadence(PitchClass from) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            return "a cadence " + spelling.name(from) + "–" + spelling.key().tonic();
        }
    }

    /** The tune ends on the tonic. */
    record TuneEnds() implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            return "the tune ends on " + spelling.key().tonic();
        }
    }

    /** The note that tells this scale from plain major or minor, and how often each of the two sounds. */
    record Colour(PitchClass own, int ownCount, PitchClass plain, int plainCount) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            return spelling.name(own) + " " + times(ownCount) + ", " + spelling.name(plain) + " " + times(plainCount);
        }

        private static String times(int count) {
            return count == 0 ? "never" : count == 1 ? "once" : count + " times";
        }
    }
}
