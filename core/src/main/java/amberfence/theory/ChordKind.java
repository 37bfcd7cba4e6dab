package amberfence.theory;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * The shape of a chord on no particular root.
 *
 * @param suffix what is written behind the root, with typed signs: {@code m7}, {@code 7(b9)}, nothing for major
 * @param tones the members by number, the root first
 * @param name in words, for example "minor seventh"
 */
public record ChordKind(String suffix, List<String> aliases, List<ChordTone> tones, String name) {
    private static final ChordTone MINOR_THIRD = new ChordTone(3, -1);
    private static final ChordTone MAJOR_THIRD = new ChordTone(3, 0);
    private static final ChordTone DIMINISHED_FIFTH = new ChordTone(5, -1);
    private static final ChordTone AUGMENTED_FIFTH = new ChordTone(5, 1);
    private static final ChordTone DIMINISHED_SEVENTH = new ChordTone(7, -2);
    private static final ChordTone MINOR_SEVENTH = new ChordTone(7, -1);
    private static final Pattern FLAT = Pattern.compile("b(?=b*\\d)");

    public ChordKind {
        aliases = List.copyOf(aliases);
        tones = List.copyOf(new TreeSet<>(tones));
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

    /** Whether its third is minor. */
    public boolean isMinor() {
        return tones.contains(MINOR_THIRD);
    }

    public boolean isDiminished() {
        return tones.contains(MINOR_THIRD) && tones.contains(DIMINISHED_FIFTH);
    }

    public boolean isAugmented() {
        return tones.contains(MAJOR_THIRD) && tones.contains(AUGMENTED_FIFTH) && tone(7).isEmpty();
    }

    /** A major third with a minor seventh, or the diminished seventh: what leads to another chord. */
    public boolean isDominant() {
        return tones.contains(MAJOR_THIRD) && tones.contains(MINOR_SEVENTH) || isDiminished() && tones.contains(DIMINISHED_SEVENTH);
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
        return FLAT.matcher(suffix).replaceAll("♭").replace('#', '♯');
    }

    @Override
    public String toString() {
        return suffix.isEmpty() ? "major" : suffix;
    }
}
