package amberfence.notes;

import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
import amberfence.theory.PitchClass;
import amberfence.theory.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * A chord on each of some keys. Keys that have none play as usual.
 *
 * @param chords by key, a MIDI pitch, the pitches that it sounds
 */
public record ChordBank(TreeMap<Integer, List<Integer>> chords) {
    public static final ChordBank EMPTY = new ChordBank(new TreeMap<>());
    private static final int FIRST_KEY = 36;
    private static final int[] WHITE = {0, 2, 4, 5, 7, 9, 11};
    /** No chord holds more notes, so that playing one needs no memory. */
    public static final int MOST = 10;

    public ChordBank {
        chords = new TreeMap<>(chords);
    }

    /** The chords of a key's degrees on the white keys from C2 on, tonic first. */
    public static ChordBank of(Key key, int size) {
        List<Voicing> voicings = new ArrayList<>();
        KeyChords chords = KeyChords.of(key);
        for (int degree = 1; degree <= WHITE.length; degree++) {
            voicings.add(Voicing.of(chords.on(degree, size)));
        }
        return ofWhiteKeys(voicings);
    }

    /** The different chords of a progression, as they are voiced, on the white keys from C2 on. */
    public static ChordBank of(Progression progression) {
        List<Voicing> voicings = new ArrayList<>();
        List<Chord> known = new ArrayList<>();
        progression.spans().forEach(span -> {
            if (!known.contains(span.chord())) {
                known.add(span.chord());
                voicings.add(span.sounding());
            }
        });
        return ofWhiteKeys(voicings);
    }

    private static ChordBank ofWhiteKeys(List<Voicing> voicings) {
        ChordBank bank = EMPTY;
        for (int i = 0; i < voicings.size() && whiteKey(i) <= 127; i++) {
            bank = bank.with(whiteKey(i), voicings.get(i).pitches());
        }
        return bank;
    }

    /** The white keys from C2 on, counted from 0. */
    public static int whiteKey(int index) {
        return FIRST_KEY + PitchClass.COUNT * (index / WHITE.length) + WHITE[index % WHITE.length];
    }

    public boolean isEmpty() {
        return chords.isEmpty();
    }

    /** The pitches of a key's chord; none where it has none. */
    public List<Integer> on(int key) {
        return chords.getOrDefault(key, List.of());
    }

    /** With another chord on a key; no notes clear it. What is more than {@link #MOST} is left out. */
    public ChordBank with(int key, List<Integer> pitches) {
        TreeMap<Integer, List<Integer>> changed = new TreeMap<>(chords);
        if (pitches.isEmpty()) {
            changed.remove(key);
        } else {
            changed.put(key, pitches.stream().distinct().sorted().limit(MOST).toList());
        }
        return new ChordBank(changed);
    }

    /** With a note more in a key's chord, or without it when it is there: how a chord is learnt by touching notes. */
    public ChordBank touched(int key, int pitch) {
        TreeSet<Integer> notes = new TreeSet<>(on(key));
        if (!notes.remove(pitch)) {
            notes.add(pitch);
        }
        return with(key, List.copyOf(notes));
    }
}
