package amberfence.reading.texture;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.texture.Texture.Meant;
import amberfence.reading.texture.Texture.Played;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.ChordKinds;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import amberfence.theory.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntUnaryOperator;

/** Plays eight bars of chords in a texture, from a seed: 480 ticks a quarter, 100 quarters a minute. */
final class TexturePlayer {
    private static final int QUARTER = 480;
    private static final int EIGHTH = 240;
    private static final int BARS = 8;
    private static final int MIDDLE = 64;
    /** Twenty milliseconds. */
    private static final int HAND = 16;
    /** From a root up to here a bass walks without reaching the chords. */
    private static final int HIGHEST_ROOT = 45;
    /** Intervals between roots: fourths and fifths, thirds, steps, a tritone. */
    private static final int[] MOVES = {5, 7, 5, 7, 3, 4, 8, 9, 2, 10, 1, 11, 6};
    private static final List<ChordKind> SMALL = kinds("", "m", "7", "maj7", "m7", "ø7", "°7", "m(maj7)", "6", "m6", "sus4", "7sus4", "°", "+", "7(#5)", "7(b5)", "maj7(#5)", "(add9)", "m(add9)");
    private static final List<ChordKind> LARGER = kinds("", "m", "7", "maj7", "m7", "ø7", "°7", "6", "m6", "sus4", "7sus4", "°", "+", "7(#5)", "7(b5)", "(add9)", "9", "maj9", "m9", "7(b9)", "7(#9)", "6/9", "9sus4");
    private static final List<ChordKind> SEVENTHS = kinds("7", "maj7", "m7", "ø7", "6", "m6", "m(maj7)");
    private static final List<ChordKind> POWERS = kinds("5");
    private static final List<ChordKind> TRIADS = kinds("", "m", "°", "+", "sus4", "sus2");
    /** Each of their inversions has one name only. */
    private static final List<ChordKind> INVERTIBLE = kinds("", "m", "7", "maj7", "m(maj7)", "°");
    /** But for the last rows of the table: notes for which a plainer name is usual, such as Cm(♯5) for A♭/C. */
    private static final List<ChordKind> ALL = ChordKinds.all().subList(0, ChordKinds.rank(ChordKind.parse("(b5)")));
    private static final int[] SCALE = {0, 2, 4, 5, 7, 9, 11};

    private final Texture texture;
    private final Random random;
    private final boolean byHand;
    private final int beats;
    private final long bar;
    private final Spelling spelling;
    private final int tonic;
    private int tuneAt = 76;
    private final List<Note> notes = new ArrayList<>();
    private final List<Meant> chords = new ArrayList<>();

    private TexturePlayer(Texture texture, long seed, boolean byHand) {
        this.texture = texture;
        this.random = new Random(seed);
        this.byHand = byHand;
        this.bar = 4L * QUARTER * texture.numerator() / texture.denominator();
        this.beats = (int) (bar / EIGHTH);
        this.tonic = random.nextInt(12);
        this.spelling = spelling(new PitchClass(tonic));
    }

    static Spelling spelling(PitchClass tonic) {
        return Key.parse(List.of("C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B").get(tonic.number()) + " major").spelling();
    }

    private static List<ChordKind> kinds(String... suffixes) {
        return List.of(suffixes).stream().map(ChordKind::parse).toList();
    }

    /**
     * @param seed decides the key, the chords and the tune
     * @param byHand whether every note begins and ends up to 20 ms early or late
     */
    static Played play(Texture texture, long seed, boolean byHand) {
        TexturePlayer player = new TexturePlayer(texture, seed, byHand);
        player.meanChords();
        for (int i = 0; i < player.chords.size(); i++) {
            player.play(i);
        }
        player.notes.sort(Note.IN_TIME);
        return new Played(player.notes, TimeMap.of(QUARTER, 600_000, texture.numerator(), texture.denominator()), player.chords);
    }

    private void meanChords() {
        int halves = switch (texture.pattern()) {
            case TWO_A_BAR, TWO_BROKEN, TWO_WALKED -> 2;
            default -> 1;
        };
        long length = bar / halves;
        int root = tonic;
        Chord last = null;
        for (int i = 0; i < BARS * halves; i++) {
            Chord chord = chord(root);
            while (chord.equals(last)) {
                chord = chord(root);
            }
            last = chord;
            long early = i > 0 && texture.pattern() == Pattern.PUSHED ? EIGHTH : 0;
            long late = texture.pattern() == Pattern.COMPING ? EIGHTH : 0;
            long next = (i + 1) * length + late - (i + 1 < BARS * halves && texture.pattern() == Pattern.PUSHED ? EIGHTH : 0);
            chords.add(new Meant(i * length - early + late, i + 1 == BARS * halves ? BARS * bar : next, chord));
            root = (root + MOVES[random.nextInt(MOVES.length)]) % 12;
        }
    }

    private Chord chord(int root) {
        List<ChordKind> kinds = switch (texture.pattern()) {
            case BLOCK, STACCATO -> ALL;
            case INVERTED -> INVERTIBLE;
            case TWO_BROKEN -> texture.denominator() == 8 ? TRIADS : SMALL;
            case ROOTLESS, OCTAVES, SHELLS, ROOTLESS_OVER_HELD, TWO_WALKED -> SEVENTHS;
            case LOW_AND_HIGH, PAIRS, WALKING, STRUMMED, STRUMMED_WITH_RESTS, THREE_THREE_TWO, PUMPING, SPREAD_LOW, OFF_BEATS, ROOT_AND_FIFTH, ROOT_AND_THIRD,
                    TENTHS, FOUR_VOICES, TUNE_OVER_BROKEN, TUNE -> SMALL;
            case POWER -> POWERS;
            default -> LARGER;
        };
        Chord chord = Chord.of(spelling.name(new PitchClass(root)), kinds.get(random.nextInt(kinds.size())));
        List<NoteName> names = chord.names();
        return texture.pattern() == Pattern.INVERTED ? chord.withBass(names.get(random.nextInt(names.size()))) : chord;
    }

    private void note(long start, long end, int pitch) {
        long from = start + hand();
        long to = Math.max(from + 20, end + hand());
        notes.add(new Note(notes.size() + 1, Math.max(0, from), to - Math.max(0, from), pitch, 70 + random.nextInt(30), 0, 64));
    }

    private long hand() {
        return byHand ? random.nextInt(2 * HAND + 1) - HAND : 0;
    }

    private void block(long start, long end, List<Integer> pitches) {
        pitches.forEach(pitch -> note(start, end, pitch));
    }

    private void play(int index) {
        Meant meant = chords.get(index);
        long start = meant.start();
        long end = meant.end();
        List<Integer> all = Voicing.ofClose(meant.chord(), 48 + random.nextInt(10)).pitches();
        List<Integer> upper = all.stream().map(pitch -> pitch + (all.get(0) < 55 ? 12 : 0)).toList();
        int bass = all.get(0) - 12;
        switch (texture.pattern()) {
            case BLOCK, INVERTED, TWO_A_BAR, PUSHED -> block(start, end - 20, all);
            case STACCATO -> block(start, start + 120, all);
            case REPEATED -> {
                for (long from = start; from < end; from += beat()) {
                    block(from, from + beat() - 60, all);
                }
            }
            case PADS -> {
                note(start, end, bass);
                block(start, end, led(upper));
            }
            case UP -> broken(start, end, all, i -> i % all.size());
            case DOWN -> broken(start, end, all, i -> all.size() - 1 - i % all.size());
            case UP_AND_DOWN -> broken(start, end, all, i -> zigzag(i, all.size()));
            case LOW_AND_HIGH -> broken(start, end, all, i -> lowAndHigh(i, all.size()));
            case TWO_BROKEN -> broken(start, end, all, i -> all.size() == 3 ? lowAndHigh(i, 3) : i % all.size());
            case PAIRS -> pairs(start, end, all);
            case ROLLED -> {
                for (int i = 0; i < all.size(); i++) {
                    note(start + i * EIGHTH, end - 10, all.get(i));
                }
            }
            case WIDE -> {
                List<Integer> wide = new Voicing(all).opened().pitches();
                broken(start, end, wide, i -> i % wide.size());
            }
            case WALTZ -> {
                note(start, start + QUARTER - 30, bass);
                block(start + QUARTER, start + 2 * QUARTER - 60, upper);
                block(start + 2 * QUARTER, start + 3 * QUARTER - 60, upper);
            }
            case OOMPAH -> {
                int fifth = member(meant.chord(), 5, 7);
                note(start, start + QUARTER - 60, bass);
                note(start + 2 * QUARTER, start + 3 * QUARTER - 60, bass + fifth - 12 < 28 ? bass + fifth : bass + fifth - 12);
                block(start + QUARTER, start + QUARTER + 200, upper);
                block(start + 3 * QUARTER, start + 3 * QUARTER + 200, upper);
            }
            case WALKING -> walk(index, bass, upper);
            case ROOTLESS, OCTAVES -> {
                walkByStep(index, bass);
                for (int beat : new int[] {1, 3}) {
                    block(start + beat * QUARTER, start + beat * QUARTER + 280, led(all.subList(1, all.size())));
                }
            }
            case SHELLS -> {
                walkByStep(index, bass);
                List<Integer> shell = led(List.of(all.get(1), all.get(3)));
                block(start, start + QUARTER + EIGHTH - 40, shell);
                block(start + QUARTER + EIGHTH, start + QUARTER + EIGHTH + 180, shell);
            }
            case ROOTLESS_OVER_HELD -> {
                note(start, end - 20, bass);
                comp(start, end, led(all.subList(1, all.size())));
            }
            case OFF_BEATS -> {
                int fifth = bass + member(meant.chord(), 5, 7);
                note(start, start + QUARTER + EIGHTH - 40, bass);
                note(start + QUARTER + EIGHTH, start + 2 * QUARTER - 40, fifth);
                note(start + 2 * QUARTER, start + 3 * QUARTER - 40, bass);
                note(start + 3 * QUARTER, start + 3 * QUARTER + EIGHTH - 20, fifth);
                note(start + 3 * QUARTER + EIGHTH, end - 20, bass + 12);
                for (long from = start + EIGHTH; from < end; from += QUARTER) {
                    block(from, from + 140, led(upper));
                }
            }
            case ROOT_AND_FIFTH -> {
                int fifth = bass + member(meant.chord(), 5, 7);
                note(start, start + 3 * EIGHTH - 20, bass);
                note(start + 3 * EIGHTH, start + 2 * QUARTER - 20, fifth);
                note(start + 2 * QUARTER, start + 2 * QUARTER + 3 * EIGHTH - 20, fifth);
                note(start + 2 * QUARTER + 3 * EIGHTH, end - 20, bass);
                for (int eighth : new int[] {0, 2, 5}) {
                    block(start + eighth * EIGHTH, start + eighth * EIGHTH + 200, led(upper));
                }
            }
            case TENTHS -> {
                int third = bass + 12 + member(meant.chord(), 3, member(meant.chord(), 4, 2));
                int fifth = bass + member(meant.chord(), 5, 7);
                List<Integer> figure = new ArrayList<>(List.of(bass, fifth, third));
                all.stream().skip(3).forEach(pitch -> figure.add(pitch));
                broken(start, end, figure, i -> zigzag(i, figure.size()));
                tune(start, end, meant.chord());
            }
            case TWO_WALKED -> {
                Chord next = index + 1 < chords.size() ? chords.get(index + 1).chord() : meant.chord();
                int into = bass + Math.floorMod(next.root().pitchClass().number() - bass + 6, 12) - 6;
                note(start, start + QUARTER - 30, bass);
                note(start + QUARTER, end - 30, into + (random.nextBoolean() ? 1 : -1));
                block(start, start + QUARTER - 60, led(all.subList(1, all.size())));
            }
            case FOUR_VOICES -> {
                List<Integer> voices = led(upper);
                note(start, end - 10, bass);
                for (int i = 0; i < voices.size(); i++) {
                    note(start, i == 1 ? end - EIGHTH : end - 10, voices.get(i));
                    if (i == 1) {
                        note(end - EIGHTH, end - 10, beside(voices.get(i)));
                    }
                }
            }
            case STRUMMED_WITH_RESTS -> {
                List<Integer> strings = strings(all);
                List<Integer> high = strings.subList(strings.size() - 3, strings.size());
                block(start, start + QUARTER - 30, strings);
                block(start + QUARTER, start + QUARTER + EIGHTH - 20, strings);
                for (int eighth : new int[] {3, 5, 7}) {
                    block(start + eighth * EIGHTH, start + (eighth + 1) * EIGHTH - 20, high);
                }
                block(start + 3 * QUARTER, start + 3 * QUARTER + EIGHTH - 20, strings);
            }
            case ROOT_AND_THIRD -> {
                int third = bass + member(meant.chord(), 3, 5);
                note(start, start + QUARTER - 60, bass);
                note(start + 2 * QUARTER, start + 3 * QUARTER - 60, third);
                block(start + QUARTER, start + QUARTER + 200, led(upper));
                block(start + 3 * QUARTER, start + 3 * QUARTER + 200, led(upper));
            }
            case BASS_THEN_LED -> {
                note(start, start + beat() - 30, bass);
                for (long from = start + beat(); from < end; from += beat()) {
                    block(from, from + beat() - 60, led(upper));
                }
            }
            case POWER -> {
                List<Integer> strings = List.of(bass, bass + 7, bass + 12);
                for (long from = start; from < end; from += EIGHTH) {
                    block(from, from + EIGHTH - 30, strings);
                }
            }
            case STRUMMED -> {
                List<Integer> strings = strings(all);
                block(start, start + EIGHTH - 20, strings);
                for (long from = start + EIGHTH; from < end; from += EIGHTH) {
                    boolean down = (from - start) % QUARTER == 0;
                    block(from, from + EIGHTH - 20, down ? strings : strings.subList(strings.size() - 3, strings.size()));
                }
            }
            case THREE_THREE_TWO -> {
                for (int eighth : new int[] {0, 3, 6}) {
                    long from = start + eighth * EIGHTH;
                    note(from, from + 2 * EIGHTH - 30, bass);
                    block(from, from + 2 * EIGHTH - 30, upper);
                }
            }
            case PUMPING -> {
                for (long from = start; from < end; from += EIGHTH) {
                    note(from, from + EIGHTH - 40, bass);
                }
                block(start, end - 20, led(upper));
            }
            case SPREAD_LOW -> {
                note(start, end - 20, bass);
                note(start, end - 20, bass - 12);
                for (long from = start; from < end; from += beat()) {
                    block(from, from + beat() - 30, led(upper));
                }
            }
            case COMPING -> comp(start - EIGHTH, end, all);
            case COMPING_OVER_BASS -> {
                note(start, end - 20, bass);
                comp(start, end, upper);
            }
            case TUNE -> {
                block(start, end - 20, all);
                tune(start, end, meant.chord());
            }
            case TUNE_OVER_BROKEN -> {
                broken(start, end, all, i -> zigzag(i, all.size()));
                tune(start, end, meant.chord());
            }
        }
    }

    /** How many semitones a member of a chord is above the root. */
    private static int member(Chord chord, int number, int otherwise) {
        return chord.kind().tone(number).map(tone -> tone.semitones()).orElse(otherwise);
    }

    /** As many strings of a guitar as there are members, and root and third an octave higher. */
    private static List<Integer> strings(List<Integer> chord) {
        List<Integer> strings = new ArrayList<>(chord);
        strings.add(chord.get(0) + 12);
        strings.add(chord.get(1) + 12);
        return strings;
    }

    private long beat() {
        return texture.denominator() == 8 ? 3 * EIGHTH : QUARTER;
    }

    private void broken(long start, long end, List<Integer> pitches, IntUnaryOperator voice) {
        int i = 0;
        for (long from = start; from < end; from += EIGHTH) {
            note(from, from + EIGHTH - 20, pitches.get(voice.applyAsInt(i++)));
        }
    }

    private static int zigzag(int i, int size) {
        int at = i % (2 * size - 2);
        return at < size ? at : 2 * size - 2 - at;
    }

    private static int lowAndHigh(int i, int size) {
        return i == 0 ? 0 : i % 2 == 1 ? size - 1 : size == 3 ? i / 2 % 2 : i / 2 % (size - 1);
    }

    /** The lowest, then the others two by two. */
    private void pairs(long start, long end, List<Integer> all) {
        int i = 0;
        for (long from = start; from < end; from += EIGHTH) {
            if (i % 2 == 0) {
                note(from, from + EIGHTH - 20, all.get(0));
            } else {
                int first = all.size() < 4 || i % 4 == 1 ? 1 : all.size() - 2;
                block(from, from + EIGHTH - 20, all.subList(first, first + 2));
            }
            i++;
        }
    }

    /** Every member in its octave nearest to the middle, so that voices hardly move. */
    private static List<Integer> led(List<Integer> pitches) {
        return pitches.stream().map(pitch -> pitch + 12 * Math.round((MIDDLE - pitch) / 12f)).distinct().sorted().toList();
    }

    private void comp(long barStart, long end, List<Integer> pitches) {
        for (int eighth : beats == 8 ? new int[] {1, 4, 7} : new int[] {1, 4}) {
            block(barStart + eighth * EIGHTH, Math.min(end, barStart + eighth * EIGHTH + 150), pitches);
        }
    }

    /** Root, members, and a semitone into the next root; chords on the second and fourth beat. */
    private void walk(int index, int bass, List<Integer> upper) {
        Meant meant = chords.get(index);
        int fifth = bass + member(meant.chord(), 5, 7);
        int third = bass + member(meant.chord(), 3, 5);
        int next = index + 1 < chords.size() ? chords.get(index + 1).chord().root().pitchClass().number() : bass % 12;
        int near = fifth + Math.floorMod(next - fifth + 6, 12) - 6;
        int[] line = {bass, random.nextBoolean() ? third : fifth, random.nextBoolean() ? fifth : bass + 12, near + (random.nextBoolean() ? 1 : -1)};
        for (int i = 0; i < line.length; i++) {
            note(meant.start() + i * QUARTER, meant.start() + (i + 1) * QUARTER - 30, line[i]);
        }
        block(meant.start() + QUARTER, meant.start() + QUARTER + 300, upper);
        block(meant.start() + 3 * QUARTER - EIGHTH, meant.start() + 3 * QUARTER, upper);
    }

    /** Root, a step of the scale or a member, the fifth, and a note beside the next root: a step of the scale or a semitone. */
    private void walkByStep(int index, int root) {
        int bass = root > HIGHEST_ROOT ? root - 12 : root;
        Meant meant = chords.get(index);
        int fifth = bass + member(meant.chord(), 5, 7);
        int third = bass + member(meant.chord(), 3, 5);
        int next = index + 1 < chords.size() ? chords.get(index + 1).chord().root().pitchClass().number() : bass % 12;
        int near = fifth + Math.floorMod(next - fifth + 6, 12) - 6;
        int beside = new int[] {-2, -1, 1, 2}[random.nextInt(4)];
        int[] line = {bass, random.nextInt(3) == 0 ? bass + 2 : third, fifth, near + beside};
        for (int i = 0; i < line.length; i++) {
            note(meant.start() + i * QUARTER, meant.start() + (i + 1) * QUARTER - 30, line[i]);
            if (texture.pattern() == Pattern.OCTAVES) {
                note(meant.start() + i * QUARTER, meant.start() + (i + 1) * QUARTER - 30, line[i] - 12);
            }
        }
    }

    /** Quarters and eighths: members on the beats, near the one before; notes of the scale beside them between. */
    private void tune(long start, long end, Chord chord) {
        List<Integer> members = chord.pitchClasses().members().stream().map(PitchClass::number).toList();
        for (long from = start; from < end; from += beat()) {
            int wanted = Math.max(72, Math.min(84, tuneAt + random.nextInt(11) - 5));
            int pitch = wanted;
            while (!members.contains(pitch % 12)) {
                pitch++;
            }
            tuneAt = pitch;
            boolean two = random.nextInt(3) > 0;
            note(from, two ? from + beat() - EIGHTH - 10 : from + beat() - 20, pitch);
            if (two) {
                note(from + beat() - EIGHTH, from + beat() - 20, beside(pitch));
            }
        }
    }

    /** The note of the scale above or below. */
    private int beside(int pitch) {
        int beside = pitch + (random.nextBoolean() ? 1 : -1);
        while (!inScale(beside)) {
            beside += beside > pitch ? 1 : -1;
        }
        return beside;
    }

    private boolean inScale(int pitch) {
        for (int degree : SCALE) {
            if (Math.floorMod(pitch - tonic - degree, 12) == 0) {
                return true;
            }
        }
        return false;
    }
}
