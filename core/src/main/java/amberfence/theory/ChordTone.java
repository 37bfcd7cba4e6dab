package amberfence.theory;

import amberfence.words.Texts;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A member of a chord, numbered against the major scale above the root: 1, ♭3, 5, 𝄫7, 9, ♯11.
 *
 * @param number 1 to 13
 * @param alteration −2 to 2 semitones
 */
public record ChordTone(int number, int alteration) implements Comparable<ChordTone> {
    private static final List<String> NUMBERS = IntStream.rangeClosed(1, 13).mapToObj(Integer::toString).toList();
    private static final Range NUMBER = new Range(Texts.text("number of a chord tone"), 1, 13);
    private static final Range ALTERATION = new Range(Texts.text("alteration of a chord tone"), -2, 2);
    public static final ChordTone ROOT = new ChordTone(1, 0);

    public ChordTone {
        NUMBER.check(number);
        ALTERATION.check(alteration);
    }

    /** As every record compares; written out, since the table of chords asks for it hundreds of times at each start. */
    @Override
    public boolean equals(Object other) {
        return other instanceof ChordTone tone && number == tone.number && alteration == tone.alteration;
    }

    @Override
    public int hashCode() {
        return 31 * number + alteration;
    }

    /** Reads signs and a number: {@code b9}, {@code #11}, {@code bb7}, {@code 5}. */
    public static ChordTone parse(String text) {
        String plain = Accidental.plain(text.strip());
        int digits = 0;
        while (digits < plain.length() && (plain.charAt(digits) == 'b' || plain.charAt(digits) == '#')) {
            digits++;
        }
        int number = NUMBERS.indexOf(plain.substring(digits)) + 1;
        if (number == 0) {
            throw new MusicTextException(Texts.say("“%s” is no chord tone; write 1 to 13 with b or # before it, as in b9", text));
        }
        return new ChordTone(number, Accidental.parse(plain.substring(0, digits), text));
    }

    private Degree degree() {
        return new Degree((number - 1) % 7 + 1, alteration);
    }

    /** Semitones above the root; a ninth is 14. */
    public int semitones() {
        return degree().semitones() + PitchClass.COUNT * ((number - 1) / 7);
    }

    /** The note above a root, spelled by its number: the third of D♯ is F𝄪. */
    public NoteName above(NoteName root) {
        return root.at(degree());
    }

    /** Signs and number, for example {@code ♭9}. */
    public String text() {
        return Accidental.text(alteration) + number;
    }

    /** Typed signs and number, for example {@code b9}. */
    public String plainText() {
        return (alteration < 0 ? "b" : "#").repeat(Math.abs(alteration)) + number;
    }

    /** What it is called among the members: root, third, fifth … */
    public String role() {
        return switch (number) {
            case 1 -> Texts.say("root");
            case 2 -> Texts.say("second");
            case 3 -> Texts.say("third");
            case 4 -> Texts.say("fourth");
            case 5 -> Texts.say("fifth");
            case 6 -> Texts.say("sixth");
            case 7 -> Texts.say("seventh");
            case 9 -> Texts.say("ninth");
            case 11 -> Texts.say("eleventh");
            case 13 -> Texts.say("thirteenth");
            default -> text();
        };
    }

    @Override
    public int compareTo(ChordTone other) {
        return number != other.number ? Integer.compare(number, other.number) : Integer.compare(alteration, other.alteration);
    }

    @Override
    public String toString() {
        return text();
    }
}
