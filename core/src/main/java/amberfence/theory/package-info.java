/**
 * The values of music theory: pitches, names, intervals, scales and keys, with no notes in time.
 *
 * <p>One vocabulary holds for the whole core: {@code of} builds from checked parts, {@code parse} reads text,
 * {@code from} converts, {@code with} returns a copy with one part replaced, {@code plus} and {@code minus}
 * move a value, {@code at} looks up a place, {@code contains} and {@code is…} ask. Every value is immutable and
 * refuses to be built outside its range with an {@link java.lang.IllegalArgumentException} that names the value
 * and the legal range. No method accepts or returns {@code null}.
 *
 * <p>A {@link amberfence.theory.PitchClass} has no spelling, a {@link amberfence.theory.NoteName} has; only a key
 * turns one into the other.
 */
package amberfence.theory;

