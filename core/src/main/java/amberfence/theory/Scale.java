package amberfence.theory;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The shape of a scale on no particular tonic: its degrees from 1 upward, with a name, synonyms and the group it is
 * listed under. Dorian on D is a {@link Key}.
 */
public record Scale(String name, List<String> synonyms, List<Degree> degrees, String group) {
    /** The group of scales that people make themselves. */
    public static final String OWN = "own scales";
    private static final String[] USUAL = {"1", "b2", "2", "b3", "3", "4", "#4", "5", "b6", "6", "b7", "7"};

    public Scale {
        synonyms = List.copyOf(synonyms);
        degrees = List.copyOf(degrees);
        if (name.isBlank()) {
            throw new IllegalArgumentException(Texts.say("a scale needs a name"));
        }
        if (degrees.isEmpty() || degrees.get(0).semitones() != 0) {
            throw new IllegalArgumentException(Texts.say("the scale “%s” must begin with degree 1", name));
        }
        for (int i = 1; i < degrees.size(); i++) {
            if (degrees.get(i).semitones() <= degrees.get(i - 1).semitones() || degrees.get(i).semitones() > 11) {
                throw new IllegalArgumentException(Texts.say("the degrees of “%s” must rise, from 1 to below 8; %s does not", name, degrees.get(i)));
            }
        }
    }

    /** An own scale from semitone numbers above the tonic, in any order; the tonic is always in it. */
    public static Scale ofSemitones(String name, PitchClassSet semitones) {
        List<Integer> numbers = semitones.plus(new PitchClass(0)).numbers().boxed().toList();
        return new Scale(name, List.of(), numbers.size() == 7 ? oneLetterEach(numbers) : usual(numbers), OWN);
    }

    /** Reads semitone numbers such as {@code 0 2 3 7 8}; commas do as well. */
    public static Scale parseSemitones(String name, String text) {
        PitchClassSet set = PitchClassSet.EMPTY;
        for (String number : text.strip().split("[\\s,]+")) {
            if (!number.matches("[0-9]|1[01]")) {
                throw new MusicTextException(Texts.say("“%s” is no semitone number; an own scale is written with numbers 0 to 11 above the tonic, as in 0 2 3 7 8",
                        number));
            }
            set = set.plus(new PitchClass(Integer.parseInt(number)));
        }
        return ofSemitones(name, set);
    }

    private static List<Degree> oneLetterEach(List<Integer> semitones) {
        List<Degree> degrees = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            int alteration = semitones.get(i) - new Degree(i + 1, 0).semitones();
            if (Math.abs(alteration) > 2) {
                return usual(semitones);
            }
            degrees.add(new Degree(i + 1, alteration));
        }
        return degrees;
    }

    private static List<Degree> usual(List<Integer> semitones) {
        return semitones.stream().map(s -> s == 6 && semitones.contains(5) && !semitones.contains(7)
                ? new Degree(5, -1) : Degree.parse(USUAL[s])).toList();
    }

    /** Semitones above the tonic as a set whose member 0 is the tonic. */
    public PitchClassSet semitones() {
        // Asked for with every key that is weighed along a song.
        int bits = 0;
        for (Degree degree : degrees) {
            bits |= 1 << degree.semitones();
        }
        return new PitchClassSet(bits);
    }

    public boolean isOwn() {
        return group.equals(OWN);
    }

    /** The degrees with spaces between, for example {@code 1 2 ♭3 5 ♭6}. */
    public String degreesText() {
        return degrees.stream().map(Degree::text).collect(Collectors.joining(" "));
    }

    /** The semitone numbers with spaces between, as {@link #parseSemitones} reads them. */
    public String semitonesText() {
        return semitones().numbers().mapToObj(Integer::toString).collect(Collectors.joining(" "));
    }

    /** What it is listed under. */
    public String groupText() {
        return Texts.say(group);
    }

    /** The name as people read it, with ♭ and ♯ in place of typed signs, for example {@code dorian ♭2}. */
    public String text() {
        return Texts.say(name).replaceAll("b(?=b*[1-9])", "♭").replace('#', '♯');
    }

    @Override
    public String toString() {
        return text();
    }
}
