package amberfence.step.fit;

import amberfence.notes.ChordSpan;
import amberfence.theory.ChordTone;
import amberfence.theory.KeyLadder;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Voicing;

/**
 * The pitches of one chord numbered through the octaves, by member (root, third, fifth …) or by position in its voicing,
 * with the scale between them. Every pitch has a number, and every number that a pitch of this chord has gives it back.
 */
final class Places {
    private static final int OCTAVE = PitchClass.COUNT;
    private static final int NEAR_MIDDLE_C = 54;

    private final int[] pitches;
    private final PitchClassSet inside;
    private final KeyLadder ladder;

    private Places(int[] pitches, PitchClassSet inside, KeyLadder ladder) {
        this.pitches = pitches;
        this.inside = inside;
        this.ladder = ladder;
    }

    /**
     * The places of a chord.
     *
     * @param inside the notes of the scale
     * @param ladder of the key, for what is outside the scale
     */
    static Places of(ChordSpan span, Count count, PitchClassSet inside, KeyLadder ladder) {
        if (count == Count.POSITION) {
            Voicing voicing = span.sounding();
            return new Places(voicing.pitches().stream().mapToInt(pitch -> pitch).toArray(), inside, ladder);
        }
        int root = root(span);
        return new Places(span.chord().kind().tones().stream().mapToInt(ChordTone::semitones).map(above -> root + above)
                .toArray(), inside, ladder);
    }

    /** The root nearest to middle C. */
    static int root(ChordSpan span) {
        return NEAR_MIDDLE_C + Math.floorMod(span.chord().root().pitchClass().number() - NEAR_MIDDLE_C, OCTAVE);
    }

    /** The pitch of a number; it may lie outside MIDI. */
    int pitch(int place, int octave, int steps, int alteration) {
        int pitch = pitches[place % pitches.length] + OCTAVE * (octave + place / pitches.length);
        int direction = Integer.signum(steps);
        for (int left = Math.abs(steps); left > 0 && !inside.isEmpty(); left--) {
            do {
                pitch += direction;
            } while (!inside.contains(PitchClass.of(pitch)));
        }
        return pitch + alteration;
    }

    /** The number of a pitch, at a moment of a figure. */
    Figure.Note number(int pitch, long start, long length, int velocity) {
        int chordNote = nearest(pitch);
        int best = -1;
        for (int place = 0; place < pitches.length; place++) {
            if (Math.floorMod(chordNote - pitches[place], OCTAVE) == 0 && (best < 0
                    || Math.abs(chordNote - pitches[place]) < Math.abs(chordNote - pitches[best]))) {
                best = place;
            }
        }
        int octave = Math.floorDiv(chordNote - pitches[best], OCTAVE);
        int steps = pitch == chordNote ? 0 : steps(chordNote, pitch);
        return new Figure.Note(start, length, best, octave, steps, pitch - pitch(best, octave, steps, 0), velocity);
    }

    /** Scale steps from a chord note; what is outside and beside it is a semitone and no step. */
    private int steps(int chordNote, int pitch) {
        if (!inside.contains(PitchClass.of(pitch)) && Math.abs(pitch - chordNote) == 1) {
            return 0;
        }
        int rung = ladder.pitch(new KeyLadder.Place(ladder.place(pitch).rung(), 0));
        return inside.contains(PitchClass.of(rung)) ? stepsBetween(chordNote, rung) : 0;
    }

    /** How many notes of the scale a pitch lies above another, itself counted. */
    private int stepsBetween(int from, int to) {
        int steps = 0;
        int direction = Integer.signum(to - from);
        for (int pitch = from; pitch != to;) {
            pitch += direction;
            steps += inside.contains(PitchClass.of(pitch)) ? direction : 0;
        }
        return steps;
    }

    /** The nearest chord note, of two alike the lower. */
    private int nearest(int pitch) {
        for (int distance = 0;; distance++) {
            for (int candidate : new int[] {pitch - distance, pitch + distance}) {
                for (int own : pitches) {
                    if (Math.floorMod(candidate - own, OCTAVE) == 0) {
                        return candidate;
                    }
                }
            }
        }
    }
}
