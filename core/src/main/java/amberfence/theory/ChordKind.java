package amberfence.theory;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * The shape of a chord on no particular root.
 *
 * @param suffix what is written behind the root, with typed signs: {@code m7}, {@code 7(b9)}, nothing for major
 * @param tones the members by number, the root first
 * @param name in words, for example "minor seventh"
 */
public record ChordKind(String suffix, List<String> aliases, List<ChordTone> tones, String name) {
    public ChordKind {
        aliases = List.copyOf(aliases);
        tones = tones.stream().distinct().sorted().toList();
        if (!tones.contains(ChordTone.ROOT)) {
            throw new IllegalArgumentException(Texts.say("a kind of chord has a root; “%s” has %s", suffix, tones));
        }
    }

    /** The kind with exactly these members: the table's, or one that is put together. */
    public static ChordKind of(Collection<ChordTone> tones) {
        return ChordKinds.of(tones);
    }

    /** Reads what stands behind a root, generously. */
    public static ChordKind parse(String suffix) {
        return ChordSuffix.parse(suffix);
    }

    /** Semitones above the root as pitch classes, 0 being the root. */
    public PitchClassSet semitones() {
        return PitchClassSet.of(tones.stream().mapToInt(ChordTone::semitones).toArray());
    }

    /** The member of a number, whatever its alteration. */
    public Optional<ChordTone> tone(int number) {
        return tones.stream().filter(tone -> tone.number() == number).findFirst();
    }

    private boolean has(String tone) {
        return tones.contains(ChordTone.parse(tone));
    }

    /** Whether its third is minor. */
    public boolean isMinor() {
        return has("b3");
    }

    public boolean isDiminished() {
        return has("b3") && has("b5");
    }

    public boolean isAugmented() {
        return has("3") && has("#5") && tone(7).isEmpty();
    }

    /** A major third with a minor seventh, or the diminished seventh: what leads to another chord. */
    public boolean isDominant() {
        return has("3") && has("b7") || has("b3") && has("b5") && has("bb7");
    }

    /** The kind with one more member, or one in place of another of its number. */
    public ChordKind with(ChordTone tone) {
        List<ChordTone> changed = new ArrayList<>(tones);
        changed.removeIf(old -> old.number() == tone.number());
        changed.add(tone);
        return of(changed);
    }

    /** The kind without the member of a number; the root stays. */
    public ChordKind without(int number) {
        return number == 1 ? this : of(tones.stream().filter(tone -> tone.number() != number).toList());
    }

    /** The suffix with ♭ and ♯. */
    public String text() {
        return suffix.replaceAll("b(?=b*\\d)", "♭").replace('#', '♯');
    }

    @Override
    public String toString() {
        return suffix.isEmpty() ? "major" : suffix;
    }
}
