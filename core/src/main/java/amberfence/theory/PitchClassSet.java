package amberfence.theory;

import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;

/** A set of pitch classes as 12 bits, bit 0 = C; or, for a scale, bit 0 = tonic. */
public record PitchClassSet(int bits) {
    private static final Range BITS = new Range("pitch-class set", 0, 0xFFF);
    public static final PitchClassSet EMPTY = new PitchClassSet(0);
    public static final PitchClassSet ALL = new PitchClassSet(0xFFF);

    public PitchClassSet {
        BITS.check(bits);
    }

    /** As every record compares; written out, since it is asked for each note, and at every start: otherwise Java would put the comparison together at that moment. */
    @Override
    public boolean equals(Object other) {
        return other instanceof PitchClassSet set && bits == set.bits;
    }

    @Override
    public int hashCode() {
        return bits;
    }

    public static PitchClassSet of(int... semitones) {
        int bits = 0;
        for (int semitone : semitones) {
            bits |= 1 << Math.floorMod(semitone, PitchClass.COUNT);
        }
        return new PitchClassSet(bits);
    }

    public static PitchClassSet of(Collection<PitchClass> members) {
        return of(members.stream().mapToInt(PitchClass::number).toArray());
    }

    public boolean contains(PitchClass pitchClass) {
        return (bits >> pitchClass.number() & 1) == 1;
    }

    /** Whether a MIDI pitch belongs to a member. */
    public boolean containsPitch(int pitch) {
        return (bits >> Math.floorMod(pitch, PitchClass.COUNT) & 1) == 1;
    }

    public PitchClassSet plus(PitchClass member) {
        return new PitchClassSet(bits | 1 << member.number());
    }

    public PitchClassSet minus(PitchClass member) {
        return new PitchClassSet(bits & ~(1 << member.number()));
    }

    public PitchClassSet union(PitchClassSet other) {
        return new PitchClassSet(bits | other.bits);
    }

    /** All members moved up by a number of semitones, also negative. */
    public PitchClassSet transposed(int semitones) {
        int shift = Math.floorMod(semitones, PitchClass.COUNT);
        return new PitchClassSet((bits << shift | bits >> PitchClass.COUNT - shift) & 0xFFF);
    }

    /** True when every member of this set is in the other; equal sets count. */
    public boolean isSubsetOf(PitchClassSet other) {
        return (bits & ~other.bits) == 0;
    }

    public boolean isEmpty() {
        return bits == 0;
    }

    public int size() {
        return Integer.bitCount(bits);
    }

    /** The members from C upward. */
    public List<PitchClass> members() {
        PitchClass[] members = new PitchClass[size()];
        int next = 0;
        for (int left = bits; left != 0; left &= left - 1) {
            members[next++] = new PitchClass(Integer.numberOfTrailingZeros(left));
        }
        return List.of(members);
    }

    /** The members' numbers in ascending order. */
    public IntStream numbers() {
        return IntStream.range(0, PitchClass.COUNT).filter(n -> (bits >> n & 1) == 1);
    }
}
