package amberfence.theory;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * The notes of a chord as they sound, from low to high; each pitch once. Moves give another voicing of the same pitch
 * classes (Levine, The Jazz Piano Book, 1989, for the drops, from memory).
 *
 * @param pitches MIDI note numbers, rising
 */
public record Voicing(List<Integer> pitches) {
    private static final int OCTAVE = PitchClass.COUNT;
    private static final int MIDDLE_C = 60;

    public Voicing {
        pitches = List.copyOf(pitches);
        if (pitches.isEmpty()) {
            throw new IllegalArgumentException(Texts.say("a voicing has at least one note"));
        }
        for (int i = 0; i < pitches.size(); i++) {
            Range.PITCH.check(pitches.get(i));
            if (i > 0 && pitches.get(i) <= pitches.get(i - 1)) {
                throw new IllegalArgumentException(Texts.say("the notes of a voicing rise from low to high, not %s", pitches));
            }
        }
    }

    /** Pitches in any order; what stands twice counts once, what lies outside MIDI takes the nearest octave. */
    public static Voicing of(Collection<Integer> pitches) {
        return new Voicing(pitches.stream().map(Octaves::within).distinct().sorted().toList());
    }

    public static Voicing of(Integer... pitches) {
        return of(List.of(pitches));
    }

    /** A chord in close position: its bass nearest to middle C, the other members above it in order. */
    public static Voicing of(Chord chord) {
        return ofClose(chord, MIDDLE_C - 6);
    }

    /** The same with its bass at or above a pitch. */
    public static Voicing ofClose(Chord chord, int lowest) {
        int bass = lowest + Math.floorMod(chord.bass().pitchClass().number() - lowest, OCTAVE);
        List<Integer> pitches = new ArrayList<>(List.of(bass));
        List<NoteName> names = chord.names();
        int start = Math.max(0, chord.inversion());
        int last = bass;
        for (int i = chord.inversion() < 0 ? 0 : 1; i < names.size(); i++) {
            int above = names.get((start + i) % names.size()).pitchClass().number();
            last += Math.floorMod(above - last - 1, OCTAVE) + 1;
            pitches.add(last);
        }
        return of(pitches);
    }

    public int size() {
        return pitches.size();
    }

    public int lowest() {
        return pitches.get(0);
    }

    public int highest() {
        return pitches.get(size() - 1);
    }

    public PitchClassSet pitchClasses() {
        return PitchClassSet.of(pitches.stream().mapToInt(Integer::intValue).toArray());
    }

    /** The lowest note an octave up. */
    public Voicing invertedUp() {
        return moved(0, above(lowest(), highest()) - lowest());
    }

    /** The highest note an octave down. */
    public Voicing invertedDown() {
        return moved(size() - 1, below(highest(), lowest()) - highest());
    }

    /** The octave of a pitch that lies above another one. */
    private static int above(int pitch, int other) {
        int up = pitch + OCTAVE;
        while (up <= other) {
            up += OCTAVE;
        }
        return up;
    }

    private static int below(int pitch, int other) {
        int down = pitch - OCTAVE;
        while (down >= other) {
            down -= OCTAVE;
        }
        return down;
    }

    private Voicing moved(int voice, int semitones) {
        List<Integer> changed = new ArrayList<>(pitches);
        changed.set(voice, changed.get(voice) + semitones);
        return of(changed);
    }

    /** The voices of these numbers, counted from the top, an octave down: 2 is drop 2, 2 and 4 is drop 2 and 4. */
    public Voicing dropped(int... fromTop) {
        List<Integer> changed = new ArrayList<>(pitches);
        for (int number : fromTop) {
            if (number <= size()) {
                changed.set(size() - number, pitches.get(size() - number) - OCTAVE);
            }
        }
        return of(changed);
    }

    /** All notes within an octave above the lowest. */
    public Voicing closed() {
        return of(pitches.stream().map(pitch -> lowest() + Math.floorMod(pitch - lowest(), OCTAVE)).toList());
    }

    /** Every second note an octave up. */
    public Voicing opened() {
        Voicing close = closed();
        List<Integer> changed = new ArrayList<>();
        for (int i = 0; i < close.size(); i++) {
            changed.add(close.pitches.get(i) + (i % 2 == 1 ? OCTAVE : 0));
        }
        return of(changed);
    }

    /** Over two hands: bass and fifth of the chord low, the rest above them. */
    public static Voicing ofSpread(Chord chord) {
        int bass = ofClose(chord, MIDDLE_C - 20).lowest();
        Optional<ChordTone> fifth = chord.kind().tone(5);
        List<Integer> pitches = new ArrayList<>(List.of(bass));
        int low = bass;
        if (fifth.isPresent() && chord.inversion() <= 0) {
            low = above(fifth.get().above(chord.root()).pitchClass().number() + bass - Math.floorMod(bass, OCTAVE) - 2 * OCTAVE, bass);
            pitches.add(low);
        }
        int last = Math.max(low, bass + OCTAVE - 1);
        for (NoteName name : chord.names()) {
            int number = name.pitchClass().number();
            if (pitches.stream().noneMatch(pitch -> Math.floorMod(pitch, OCTAVE) == number)) {
                last += Math.floorMod(number - last - 1, OCTAVE) + 1;
                pitches.add(last);
            }
        }
        return of(pitches);
    }

    /** The same with all notes so many semitones higher; where one would leave MIDI, nothing changes. */
    public Voicing transposed(int semitones) {
        return Range.PITCH.contains(lowest() + semitones) && Range.PITCH.contains(highest() + semitones)
                ? new Voicing(pitches.stream().map(pitch -> pitch + semitones).toList()) : this;
    }

    /** One more note on the pitch class of a voice (from 0, the lowest), an octave above it or the next that is free. */
    public Voicing doubled(int voice) {
        int pitch = pitches.get(voice) + OCTAVE;
        while (pitches.contains(pitch)) {
            pitch += OCTAVE;
        }
        List<Integer> changed = new ArrayList<>(pitches);
        changed.add(pitch);
        return Range.PITCH.contains(pitch) ? of(changed) : this;
    }

    /** Without one voice; the last one stays. */
    public Voicing without(int voice) {
        List<Integer> changed = new ArrayList<>(pitches);
        if (size() > 1) {
            changed.remove(voice);
        }
        return new Voicing(changed);
    }

    /** One voice an octave up or down. */
    public Voicing withOctave(int voice, int octaves) {
        int pitch = pitches.get(voice) + OCTAVE * octaves;
        return Range.PITCH.contains(pitch) && !pitches.contains(pitch) ? moved(voice, OCTAVE * octaves) : this;
    }

    /** Every note in the twelve pitches around a centre, from six below it to five above. */
    public Voicing foldedAround(int centre) {
        int lowest = Math.max(0, Math.min(127 - OCTAVE + 1, centre - 6));
        return of(pitches.stream().map(pitch -> lowest + Math.floorMod(pitch - lowest, OCTAVE)).toList());
    }

    /** Inverted until a pitch class is on top, then moved by octaves so that the top is nearest to where it was. */
    public Voicing withTop(PitchClass top) {
        Voicing turned = this;
        for (int i = 0; i < size() && !PitchClass.of(turned.highest()).equals(top); i++) {
            turned = turned.invertedUp();
        }
        int octaves = Math.round((highest() - turned.highest()) / (float) OCTAVE);
        return PitchClass.of(turned.highest()).equals(top) ? turned.transposed(OCTAVE * octaves) : this;
    }

    /** Inverted until a pitch class is at the bottom, then moved by octaves to where it was. */
    public Voicing withBottom(PitchClass bottom) {
        Voicing turned = this;
        for (int i = 0; i < size() && !PitchClass.of(turned.lowest()).equals(bottom); i++) {
            turned = turned.invertedUp();
        }
        int octaves = Math.round((lowest() - turned.lowest()) / (float) OCTAVE);
        return PitchClass.of(turned.lowest()).equals(bottom) ? turned.transposed(OCTAVE * octaves) : this;
    }
}
