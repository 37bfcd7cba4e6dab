package amberfence.theory;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which voicings of a chord are allowed.
 *
 * @param voices how many notes; 0 for as many as the chord has members
 * @param lowest MIDI pitch
 * @param highest MIDI pitch
 * @param bassFixed whether the chord's own bass must lie lowest
 * @param widest most semitones between neighbouring notes, those to the lowest not counted
 * @param pedal a pitch that sounds under every chord, if there is one
 */
public record VoicingRules(int voices, int lowest, int highest, boolean bassFixed, int widest, Optional<Integer> pedal) {
    private static final Range VOICES = new Range(Texts.text("number of voices"), 0, 8);
    private static final int OCTAVE = PitchClass.COUNT;
    /** As many notes as members, from the E below the bass clef's middle to the G above the treble's. */
    public static final VoicingRules USUAL = new VoicingRules(0, 48, 79, false, OCTAVE, Optional.empty());

    public VoicingRules {
        VOICES.check(voices);
        Range.PITCH.check(lowest);
        Range.PITCH.check(highest);
        if (highest - lowest < OCTAVE) {
            throw new IllegalArgumentException(Texts.say("a range for voicings spans more than an octave, as in C3..G5"));
        }
    }

    public VoicingRules withVoices(int newVoices) {
        return new VoicingRules(newVoices, lowest, highest, bassFixed, widest, pedal);
    }

    public VoicingRules withRange(int newLowest, int newHighest) {
        return new VoicingRules(voices, newLowest, newHighest, bassFixed, widest, pedal);
    }

    public VoicingRules withBassFixed(boolean newBassFixed) {
        return new VoicingRules(voices, lowest, highest, newBassFixed, widest, pedal);
    }

    public VoicingRules withPedal(Optional<Integer> newPedal) {
        return new VoicingRules(voices, lowest, highest, bassFixed, widest, newPedal);
    }

    /**
     * The pitch classes that sound, with doublings: of too many members the fifth is left out first, then the root, never
     * the third and the seventh; too few are filled up with the root, then the fifth, then the others.
     */
    List<Integer> members(Chord chord) {
        boolean foreign = chord.inversion() < 0;
        int wanted = voices == 0 ? chord.kind().tones().size() + (foreign ? 1 : 0) : voices;
        List<ChordTone> tones = kept(chord, wanted - (foreign ? 1 : 0), bassFixed);
        List<Integer> members = new ArrayList<>(tones.stream().map(tone -> tone.above(chord.root()).pitchClass().number()).toList());
        if (foreign) {
            members.add(chord.bass().pitchClass().number());
        }
        int[] fill = {chord.root().pitchClass().number(), chord.kind().tone(5)
                .map(tone -> tone.above(chord.root()).pitchClass().number()).orElse(chord.root().pitchClass().number())};
        for (int i = 0; members.size() < wanted; i++) {
            members.add(fill[i % fill.length]);
        }
        return members;
    }

    /**
     * The members of a chord that sound when there are only so many voices, at least one: first the fifth is left out, then
     * the eleventh, the root, the ninth, the thirteenth, and only then the seventh and the third (common practice, no source).
     *
     * @param bassKept whether the member in the chord's bass must sound
     */
    static List<ChordTone> kept(Chord chord, int voices, boolean bassKept) {
        List<ChordTone> tones = new ArrayList<>(chord.kind().tones());
        for (int number : new int[] {5, 11, 1, 9, 13, 7, 3}) {
            boolean inBass = chord.member(chord.bass().pitchClass()).filter(tone -> tone.number() == number).isPresent();
            for (int i = tones.size() - 1; i >= 0 && tones.size() > Math.max(1, voices); i--) {
                if (tones.get(i).number() == number && !(bassKept && inBass)) {
                    tones.remove(i);
                }
            }
        }
        return tones;
    }

    /** Every voicing of a chord that is allowed, from low to high. */
    public List<Voicing> all(Chord chord) {
        int[] left = new int[OCTAVE];
        List<Integer> members = members(chord);
        members.forEach(member -> left[member]++);
        List<Voicing> found = new ArrayList<>();
        List<Integer> chosen = new ArrayList<>(pedal.map(List::of).orElse(List.of()));
        int from = pedal.map(pitch -> Math.max(lowest, pitch + 1)).orElse(lowest);
        search(chord, left, members.size(), from, chosen, found);
        return found;
    }

    private void search(Chord chord, int[] left, int open, int from, List<Integer> chosen, List<Voicing> found) {
        if (open == 0) {
            found.add(new Voicing(chosen));
            return;
        }
        boolean first = chosen.size() == (pedal.isPresent() ? 1 : 0);
        boolean second = chosen.size() == (pedal.isPresent() ? 2 : 1);
        int reach = first || chosen.isEmpty() ? highest : chosen.get(chosen.size() - 1) + (second ? 2 * widest : widest);
        for (int pitch = from; pitch <= Math.min(highest, reach); pitch++) {
            int pitchClass = pitch % OCTAVE;
            boolean wrongBass = first && bassFixed && pitchClass != chord.bass().pitchClass().number();
            if (left[pitchClass] > 0 && !wrongBass) {
                left[pitchClass]--;
                chosen.add(pitch);
                search(chord, left, open - 1, pitch + 1, chosen, found);
                chosen.remove(chosen.size() - 1);
                left[pitchClass]++;
            }
        }
    }
}
