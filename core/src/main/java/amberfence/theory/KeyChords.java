package amberfence.theory;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The chords that a key builds on its degrees, by thirds within the scale (Kostka and Payne, Tonal Harmony, chapters on
 * diatonic triads and sevenths, from memory). Scales of other than seven notes build on the major or minor key with their
 * third.
 */
public final class KeyChords {
    private static final int SCALE = 7;
    private final Key key;
    private final List<NoteName> names;

    private KeyChords(Key key) {
        this.key = key;
        Key seven = key.scale().degrees().size() == SCALE ? key : key.withScale(
                key.scale().semitones().containsPitch(4) || !key.scale().semitones().containsPitch(3) ? Scales.MAJOR
                        : Scales.MINOR);
        Spelling spelling = seven.spelling();
        this.names = seven.scale().degrees().stream().map(degree -> spelling.name(seven.tonic().pitchClass().plus(degree.semitones()))).toList();
    }

    public static KeyChords of(Key key) {
        return new KeyChords(key);
    }

    public Key key() {
        return key;
    }

    /**
     * The chord on a degree.
     *
     * @param degree 1 to 7
     * @param size how many notes: 3 a triad, 4 a seventh, 5 a ninth, 6 an eleventh, 7 a thirteenth
     */
    public Chord on(int degree, int size) {
        NoteName root = names.get(degree - 1);
        List<ChordTone> tones = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            NoteName name = names.get((degree - 1 + 2 * i) % SCALE);
            int number = 2 * i + 1;
            int plain = new ChordTone(number, 0).semitones() % PitchClass.COUNT;
            int above = name.pitchClass().above(root.pitchClass());
            tones.add(new ChordTone(number, Math.floorMod(above - plain + 6, PitchClass.COUNT) - 6));
        }
        return Chord.of(root, ChordKind.of(tones));
    }

    /** The triads on all seven degrees. */
    public List<Chord> triads() {
        return all(3);
    }

    public List<Chord> sevenths() {
        return all(4);
    }

    private List<Chord> all(int size) {
        return IntStream.rangeClosed(1, SCALE).mapToObj(degree -> on(degree, size)).toList();
    }

    /** The degree (1 to 7) on which a note stands, 0 when it is none. */
    public int degreeOf(NoteName note) {
        for (int i = 0; i < SCALE; i++) {
            if (names.get(i).pitchClass().equals(note.pitchClass())) {
                return i + 1;
            }
        }
        return 0;
    }

    /** The note of a degree, 1 to 7. */
    public NoteName note(int degree) {
        return names.get(degree - 1);
    }

    /** The chords of the parallel key: of one with a major third the minor key, else the major one. */
    public KeyChords parallel() {
        return of(key.withScale(key.scale().semitones().containsPitch(4) ? Scales.MINOR : Scales.MAJOR));
    }

    /**
     * Chords that songs borrow from the parallel key: of a major key those of the minor one, else those of the major one
     * (mode mixture, Kostka and Payne); without those that the key has itself.
     */
    public List<Chord> borrowed() {
        return parallel().triads().stream().filter(chord -> !triads().contains(chord)).toList();
    }

    /** The dominant seventh that leads to each degree whose triad is major or minor, the first degree excepted. */
    public List<Chord> appliedDominants() {
        return IntStream.rangeClosed(2, SCALE).filter(degree -> !on(degree, 3).kind().isDiminished())
                .mapToObj(degree -> Chord.of(names.get(degree - 1).plus(Interval.FIFTH), ChordKinds.DOMINANT)).toList();
    }
}
