package amberfence.theory;

import java.util.List;
import java.util.Optional;

/**
 * A chord: a kind on a root, with its bass.
 *
 * @param bass the lowest note; the root, another member (an inversion), or a note that does not belong to the kind
 */
public record Chord(NoteName root, ChordKind kind, NoteName bass) {
    /** A chord in root position. */
    public static Chord of(NoteName root, ChordKind kind) {
        return new Chord(root, kind, root);
    }

    /** Reads a symbol generously; see {@link ChordSymbol}. */
    public static Chord parse(String symbol) {
        return ChordSymbol.parse(symbol);
    }

    public Chord withBass(NoteName newBass) {
        return new Chord(root, kind, newBass);
    }

    /** The same chord with another kind; a bass that was a member of the old one and is none of the new becomes the root. */
    public Chord withKind(ChordKind newKind) {
        Chord changed = new Chord(root, newKind, bass);
        return inversion() >= 0 && changed.inversion() < 0 ? Chord.of(root, newKind) : changed;
    }

    /** The same chord on another root, its bass as far from it as before, spelled in a key. */
    public Chord transposed(int semitones, Spelling spelling) {
        return new Chord(spelling.name(root.pitchClass().plus(semitones)), kind,
                spelling.name(bass.pitchClass().plus(semitones))).respelled();
    }

    /** The bass takes the name that it has among the members, if it is one. */
    public Chord respelled() {
        return new Chord(root, kind, names().stream().filter(name -> name.pitchClass().equals(bass.pitchClass())).findFirst()
                .orElse(bass));
    }

    /** The members as spelled notes, the root first; a foreign bass is not among them. */
    public List<NoteName> names() {
        return kind.tones().stream().map(tone -> tone.above(root)).toList();
    }

    /** The pitch classes that sound, a foreign bass among them. */
    public PitchClassSet pitchClasses() {
        return kind.semitones().transposed(root.pitchClass().number()).plus(bass.pitchClass());
    }

    /** Which member lies in the bass: 0 the root, 1 the next … −1 when it is none. */
    public int inversion() {
        List<NoteName> names = names();
        for (int i = 0; i < names.size(); i++) {
            if (names.get(i).pitchClass().equals(bass.pitchClass())) {
                return i;
            }
        }
        return -1;
    }

    /** The member that a pitch class is, if it is one. */
    public Optional<ChordTone> member(PitchClass pitchClass) {
        return kind.tones().stream().filter(tone -> tone.above(root).pitchClass().equals(pitchClass)).findFirst();
    }

    /** Which voice of a voicing, from 0 the lowest, plays the member of a number; −1 when none does. */
    public int voiceOf(int number, Voicing voicing) {
        for (int voice = 0; voice < voicing.size(); voice++) {
            if (member(PitchClass.of(voicing.pitches().get(voice))).filter(tone -> tone.number() == number).isPresent()) {
                return voice;
            }
        }
        return -1;
    }

    /** How a pitch class is written in this chord, by its member; a foreign one as in the given key. */
    public NoteName name(PitchClass pitchClass, Spelling otherwise) {
        return member(pitchClass).map(tone -> tone.above(root)).orElse(bass.pitchClass().equals(pitchClass) ? bass
                : otherwise.name(pitchClass));
    }

    /** The symbol with ♭ and ♯, for example {@code F♯m7/C♯}. */
    public String text() {
        return root.text() + kind.text() + (bass.equals(root) ? "" : "/" + bass.text());
    }

    /** The symbol with typed signs, for example {@code F#m7/C#}: what {@link #parse} reads back as the same chord. */
    public String plainText() {
        return root.plainText() + kind.suffix() + (bass.equals(root) ? "" : "/" + bass.plainText());
    }

    @Override
    public String toString() {
        return text();
    }
}
