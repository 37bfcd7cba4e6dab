package amberfence.theory;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How each of the twelve pitch classes is named in one key, and on which degree it stands.
 *
 * <p>A seven-note scale uses every letter once. In scales of other sizes a note keeps the letter that its degree gives
 * it, unless another letter avoids a double accidental or a clash of two notes on one letter. A note outside takes the
 * name nearest to the scale on the line of fifths (Temperley, The Cognition of Basic Musical Structures, 2001, ch. 5,
 * from memory); where a raised and a lowered name are equally near, the raised one: in C major C♯ E♭ F♯ G♯ B♭.
 */
public final class Spelling {
    /** All names that a note of each pitch class can have, along the line of fifths. */
    private static final List<List<NoteName>> NAMES = IntStream.range(0, PitchClass.COUNT).mapToObj(number -> IntStream.rangeClosed(-14, 18)
            .mapToObj(NoteName::ofFifths).filter(name -> name.pitchClass().number() == number).toList()).toList();
    /** Those that a note inside may have lie between these on the line of fifths. */
    private static final Range INSIDE = new Range("fifths of a note inside", -8, 12);

    private final Key key;
    private final List<NoteName> names;
    private final List<Degree> degrees;
    private final int middleC;

    private Spelling(Key key, List<NoteName> names, int middleC) {
        this.key = key;
        this.names = names;
        this.middleC = middleC;
        this.degrees = names.stream().map(name -> Degree.of(key.tonic(), name)).toList();
    }

    static Spelling of(Key key) {
        NoteName[] names = new NoteName[PitchClass.COUNT];
        List<NoteName> inside = key.scale().degrees().size() == 7 || key.scale().degrees().size() > 8
                ? plain(key) : fewestAccidentals(key);
        inside.forEach(name -> names[name.pitchClass().number()] = name);
        int lowest = inside.stream().mapToInt(NoteName::fifths).min().orElseThrow();
        int highest = inside.stream().mapToInt(NoteName::fifths).max().orElseThrow();
        for (int number = 0; number < names.length; number++) {
            if (names[number] == null) {
                names[number] = outside(number, lowest, highest);
            }
        }
        return new Spelling(key, List.of(names), SpelledPitch.MIDDLE_C_OCTAVE);
    }

    private static List<NoteName> plain(Key key) {
        return key.scale().degrees().stream().map(key.tonic()::at).toList();
    }

    private static NoteName outside(int pitchClass, int lowest, int highest) {
        NoteName nearest = null;
        int least = Integer.MAX_VALUE;
        for (NoteName name : NAMES.get(pitchClass)) {
            int distance = Math.max(lowest - name.fifths(), name.fifths() - highest);
            // Of two equally near the later one, which is raised.
            if (distance <= least) {
                nearest = name;
                least = distance;
            }
        }
        return nearest;
    }

    /** Tries every choice of letters, note by note, and gives up a branch once it costs more than the best. */
    private static List<NoteName> fewestAccidentals(Key key) {
        List<NoteName> usual = plain(key);
        List<NoteName> best = new ArrayList<>(usual);
        search(key.scale().isOwn() ? 1 : 3, usual, new ArrayList<>(List.of(key.tonic())), 0, best,
                new int[] {cost(usual, usual, key.scale().isOwn() ? 1 : 3)});
        return best;
    }

    private static void search(int departure, List<NoteName> usual, List<NoteName> chosen, int cost,
                               List<NoteName> best, int[] bestCost) {
        if (cost >= bestCost[0]) {
            return;
        }
        if (chosen.size() == usual.size()) {
            best.clear();
            best.addAll(chosen);
            bestCost[0] = cost;
            return;
        }
        PitchClass next = usual.get(chosen.size()).pitchClass();
        for (NoteName name : NAMES.get(next.number())) {
            if (INSIDE.contains(name.fifths())) {
                chosen.add(name);
                search(departure, usual, chosen, cost(usual, chosen, departure), best, bestCost);
                chosen.remove(chosen.size() - 1);
            }
        }
    }

    /** In half accidentals: each sign 2, a double sign 6, two notes on one letter 2, leaving the usual letter as told. */
    private static int cost(List<NoteName> usual, List<NoteName> chosen, int departure) {
        int cost = 0;
        for (int i = 0; i < chosen.size(); i++) {
            NoteName name = chosen.get(i);
            int signs = Math.abs(name.alteration());
            cost += signs > 1 ? 3 * signs : 2 * signs;
            cost += name.equals(usual.get(i)) ? 0 : departure;
            for (int j = 0; j < i; j++) {
                cost += chosen.get(j).letter() == name.letter() ? 2 : 0;
            }
        }
        return cost;
    }

    public Key key() {
        return key;
    }

    public NoteName name(PitchClass pitchClass) {
        return names.get(pitchClass.number());
    }

    public Degree degree(PitchClass pitchClass) {
        return degrees.get(pitchClass.number());
    }

    /** The spelled pitch of a MIDI pitch in this key. */
    public SpelledPitch pitch(int midi) {
        return SpelledPitch.of(name(PitchClass.of(midi)), midi);
    }

    /**
     * The same with octaves numbered so that middle C, MIDI pitch 60, is in another one: C4 by the Acoustical Society and
     * MusicXML, C3 and C5 in manufacturers' documents (MIDI 1.0 itself names no octaves).
     */
    public Spelling withMiddleC(int octave) {
        return octave == middleC ? this : new Spelling(key, names, octave);
    }

    /** The octave of middle C. */
    public int middleC() {
        return middleC;
    }

    /** The name and octave of a MIDI pitch, as people read them here: {@code F♯4}. */
    public String pitchText(int midi) {
        return pitch(midi).renumbered(middleC - SpelledPitch.MIDDLE_C_OCTAVE).text();
    }

    /**
     * The MIDI pitch of a name and octave as people write them here; may lie outside 0–127.
     *
     * @throws MusicTextException when it is none
     */
    public int readPitch(String text) {
        return SpelledPitch.parse(text).renumbered(SpelledPitch.MIDDLE_C_OCTAVE - middleC).number();
    }

    /**
     * The degree as text; an outside note on an unaltered degree shows ♮ to tell it from the scale's own:
     * F♯ in D dorian is ♮3.
     */
    public String degreeText(PitchClass pitchClass) {
        Degree degree = degree(pitchClass);
        boolean natural = degree.alteration() == 0 && !key.contains(pitchClass);
        return natural ? "♮" + degree.number() : degree.text();
    }

    /** The names of the notes inside, from the tonic up. */
    public List<NoteName> insideNames() {
        return key.scale().semitones().numbers()
                .mapToObj(semitones -> name(key.tonic().pitchClass().plus(semitones))).toList();
    }

    /** How many accidentals the inside names carry; a double counts three. */
    int accidentals() {
        return insideNames().stream().mapToInt(name -> Math.abs(name.alteration()) > 1
                ? 3 : Math.abs(name.alteration())).sum();
    }
}
