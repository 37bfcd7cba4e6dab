package amberfence.reading;

import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import amberfence.words.Texts;

/** One fact that speaks for or against a key. */
public sealed interface KeyEvidence {
    /** The fact as a few words, spelled as in the key. */
    String words(Spelling spelling);

    /** Whether the lowest notes at the beginning and at the end are the tonic. */
    record BassFrame(boolean starts, boolean ends) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            String tonic = spelling.key().tonic().text();
            return starts && ends ? Texts.say("the bass starts and ends on %s", tonic)
                    : ends ? Texts.say("the bass ends on %s", tonic)
                    : starts ? Texts.say("the bass starts on %s but does not end there", tonic)
                    : Texts.say("the bass neither starts nor ends on %s", tonic);
        }
    }

    /** The bass goes round and round; whether from the tonic. */
    record Round(boolean fromTonic) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            String tonic = spelling.key().tonic().text();
            return fromTonic ? Texts.say("the bass goes round and round from %s", tonic) : Texts.say("the bass goes round and round, but not from %s", tonic);
        }
    }

    /** The bass comes to its last note, the tonic, from the fifth, or from the fourth above. */
    record Cadence(PitchClass from) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            return Texts.say("a cadence %s–%s", spelling.name(from), spelling.key().tonic());
        }
    }

    /** The tune ends on the tonic. */
    record TuneEnds() implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            return Texts.say("the tune ends on %s", spelling.key().tonic());
        }
    }

    /** Both thirds, or both sevenths, sound all along, and how often each does. */
    record Both(boolean thirds, PitchClass low, int lowCount, PitchClass high, int highCount) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            String names = Texts.say("%s %s, %s %s", spelling.name(low), Colour.times(lowCount), spelling.name(high), Colour.times(highCount));
            return thirds ? Texts.say("both thirds: %s", names) : Texts.say("both sevenths: %s", names);
        }
    }

    /** The note that tells this scale from plain major or minor, and how often each of the two sounds. */
    record Colour(PitchClass own, int ownCount, PitchClass plain, int plainCount) implements KeyEvidence {
        @Override
        public String words(Spelling spelling) {
            return Texts.say("%s %s, %s %s", spelling.name(own), times(ownCount), spelling.name(plain), times(plainCount));
        }

        static String times(int count) {
            return count == 0 ? Texts.say("never") : count == 1 ? Texts.say("once") : Texts.say("%s times", count);
        }
    }
}
