package amberfence.theory;

import amberfence.words.Texts;
import java.util.Locale;

/**
 * A spelled note without octave: a letter and its alteration in semitones (−4 to 4), so that F♯ is not G♭.
 * For example, {@code NoteName.parse("Bb")} has pitch class 10.
 */
public record NoteName(Letter letter, int alteration) {
    private static final Range ALTERATION = new Range("alteration", -4, 4);
    private static final Letter[] LINE_OF_FIFTHS = {Letter.F, Letter.C, Letter.G, Letter.D, Letter.A, Letter.E, Letter.B};
    /** The place of each letter on it, C being 0. */
    private static final int[] FIFTHS = {0, 2, 4, -1, 1, 3, 5};

    public NoteName {
        ALTERATION.check(alteration);
    }

    /** Reads a letter A–G in either case and up to two accidentals: {@code F#}, {@code bb}, {@code G♭}, {@code Cx}. */
    public static NoteName parse(String text) {
        String plain = Accidental.plain(text.strip());
        if (plain.isEmpty() || "ABCDEFG".indexOf(Character.toUpperCase(plain.charAt(0))) < 0) {
            throw new MusicTextException(Texts.say("“%s” is no note name; it begins with a letter A to G", text));
        }
        Letter letter = Letter.valueOf(plain.substring(0, 1).toUpperCase(Locale.ROOT));
        return new NoteName(letter, Accidental.parse(plain.substring(1), text));
    }

    public PitchClass pitchClass() {
        return PitchClass.of(letter.semitones() + alteration);
    }

    /** The note a spelled interval higher: F♯ plus a major third is A♯. */
    public NoteName plus(Interval interval) {
        return moved(interval.number() - 1, interval.semitones());
    }

    public NoteName minus(Interval interval) {
        return moved(1 - interval.number(), -interval.semitones());
    }

    /** The note that stands on a degree of the major scale above this tonic. */
    public NoteName at(Degree degree) {
        return moved(degree.number() - 1, degree.semitones());
    }

    private NoteName moved(int letters, int semitones) {
        Letter target = letter.plus(letters);
        int difference = letter.semitones() + alteration + semitones - target.semitones();
        return new NoteName(target, Math.floorMod(difference + 6, PitchClass.COUNT) - 6);
    }

    /** Place on the line of fifths: F −1, C 0, G 1 … each accidental seven places. */
    public int fifths() {
        return FIFTHS[letter.ordinal()] + 7 * alteration;
    }

    /** The name of a place on the line of fifths. */
    public static NoteName ofFifths(int fifths) {
        return new NoteName(LINE_OF_FIFTHS[Math.floorMod(fifths + 1, 7)], Math.floorDiv(fifths + 1, 7));
    }

    /** The same pitch class with at most one sign, as a key's tonic needs it: B𝄫 is A then. */
    public NoteName withOneSign() {
        return Math.abs(alteration) <= 1 ? this : ofFifths(fifths() + (alteration < 0 ? PitchClass.COUNT : -PitchClass.COUNT))
                .withOneSign();
    }

    /** Letter and signs, for example {@code F♯}. */
    public String text() {
        return letter + Accidental.text(alteration);
    }

    /** Letter and typed signs, for example {@code F#}: what {@link #parse} reads and files hold. */
    public String plainText() {
        return letter + (alteration < 0 ? "b" : "#").repeat(Math.abs(alteration));
    }

    @Override
    public String toString() {
        return text();
    }
}
