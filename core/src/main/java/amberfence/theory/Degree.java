package amberfence.theory;

import amberfence.words.Texts;

/**
 * A scale degree numbered against the major scale: 1 ♭2 2 ♭3 … 7, so that dorian is 1 2 ♭3 4 5 6 ♭7.
 * The alteration is −3 to 3 semitones.
 */
public record Degree(int number, int alteration) {
    private static final Range NUMBER = new Range("degree", 1, 7);
    private static final Range ALTERATION = new Range(Texts.text("alteration of a degree"), -4, 4);
    private static final int[] MAJOR = {0, 2, 4, 5, 7, 9, 11};

    public Degree {
        NUMBER.check(number);
        ALTERATION.check(alteration);
    }

    /** Reads accidentals and a number: {@code b3}, {@code #4}, {@code 5}. */
    public static Degree parse(String text) {
        String plain = Accidental.plain(text.strip());
        int last = plain.length() - 1;
        if (last < 0 || !isSigns(plain.substring(0, last)) || !NUMBER.contains(plain.charAt(last) - '0')) {
            throw new MusicTextException(Texts.say("“%s” is no degree; write 1 to 7 with b or # before it, as in b3", text));
        }
        return new Degree(plain.charAt(last) - '0', Accidental.parse(plain.substring(0, last), text));
    }

    private static boolean isSigns(String text) {
        for (int i = 0; i < text.length(); i++) {
            if ("b#x".indexOf(text.charAt(i)) < 0) {
                return false;
            }
        }
        return true;
    }

    /** The degree on which a note stands above a tonic. */
    public static Degree of(NoteName tonic, NoteName note) {
        int number = Math.floorMod(note.letter().ordinal() - tonic.letter().ordinal(), 7) + 1;
        int semitones = note.pitchClass().above(tonic.pitchClass());
        return new Degree(number, Math.floorMod(semitones - MAJOR[number - 1] + 6, PitchClass.COUNT) - 6);
    }

    /** Semitones above the tonic; −1 for a lowered 1. */
    public int semitones() {
        return MAJOR[number - 1] + alteration;
    }

    /** Signs and number, for example {@code ♭3}. */
    public String text() {
        return Accidental.text(alteration) + number;
    }

    @Override
    public String toString() {
        return text();
    }
}
