package amberfence.theory;

import amberfence.words.Texts;

/** A scale on a tonic, for example D dorian. Its tonic carries at most one accidental. */
public record Key(NoteName tonic, Scale scale) {
    public Key {
        if (Math.abs(tonic.alteration()) > 1) {
            throw new IllegalArgumentException(Texts.say("a key's tonic has at most one ♯ or ♭, not %s", tonic));
        }
    }

    /** Reads a key generously; see {@link KeyNames}. */
    public static Key parse(String text) {
        return KeyNames.parse(text);
    }

    /** The key on a pitch class whose spelling needs the fewest accidentals; of two alike, the one with flats. */
    public static Key of(PitchClass tonic, Scale scale) {
        Key best = null;
        int fewest = Integer.MAX_VALUE;
        for (int fifths = -7; fifths <= 11; fifths++) {
            NoteName name = NoteName.ofFifths(fifths);
            if (name.pitchClass().equals(tonic)) {
                Key key = new Key(name, scale);
                int accidentals = key.spelling().accidentals();
                if (accidentals < fewest) {
                    best = key;
                    fewest = accidentals;
                }
            }
        }
        return best;
    }

    public PitchClassSet pitchClasses() {
        return scale.semitones().transposed(tonic.pitchClass().number());
    }

    public boolean contains(PitchClass pitchClass) {
        return pitchClasses().contains(pitchClass);
    }

    /** The names and degrees of all twelve pitch classes in this key. */
    public Spelling spelling() {
        return Spelling.of(this);
    }

    /** The same scale on another tonic. */
    public Key withTonic(NoteName newTonic) {
        return new Key(newTonic, scale);
    }

    public Key withScale(Scale newScale) {
        return new Key(tonic, newScale);
    }

    /** For example {@code D dorian} or {@code B♭ minor}. */
    public String text() {
        return tonic.text() + " " + scale.text();
    }

    /** For example {@code Bb minor}; an own scale gives its semitone numbers: always read back by {@link #parse}. */
    public String plainText() {
        return tonic.plainText() + " " + (scale.isOwn() ? scale.semitonesText() : scale.name());
    }

    @Override
    public String toString() {
        return text();
    }
}
