package amberfence.step;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Shrinkable;
import net.jqwik.api.ShrinkingDistance;

/** Chance that is drawn from a list of numbers, and is always 0 behind it: where a test fails, jqwik makes the list shorter and its numbers smaller. */
final class Chance extends Random {
    /** More than the largest line with its settings and surroundings takes. */
    private static final int DRAWS = 500;
    private final int[] numbers;
    private int next;

    private Chance(int[] numbers) {
        this.numbers = numbers;
    }

    static Arbitrary<Chance> some() {
        return Arbitraries.fromGenerator(random -> new Drawn(random.ints(DRAWS).toArray()));
    }

    @Override
    protected int next(int bits) {
        return (next < numbers.length ? numbers[next++] : 0) >>> (Integer.SIZE - bits);
    }

    @Override
    public String toString() {
        return "the first " + next + " of " + Arrays.toString(numbers);
    }

    private record Drawn(int[] numbers) implements Shrinkable<Chance> {
        @Override
        public Chance value() {
            return new Chance(numbers);
        }

        @Override
        public Stream<Shrinkable<Chance>> shrink() {
            return Stream.concat(IntStream.of(numbers.length / 2, numbers.length - 1).filter(length -> length >= 0 && length < numbers.length)
                    .mapToObj(length -> new Drawn(Arrays.copyOf(numbers, length))), IntStream.range(0, numbers.length).filter(at -> numbers[at] != 0)
                    .boxed().flatMap(at -> Stream.of(with(at, 0), with(at, numbers[at] >>> 1))));
        }

        private Drawn with(int at, int number) {
            int[] changed = numbers.clone();
            changed[at] = number;
            return new Drawn(changed);
        }

        @Override
        public ShrinkingDistance distance() {
            return ShrinkingDistance.of(numbers.length, Arrays.stream(numbers).mapToLong(Integer::toUnsignedLong).sum());
        }
    }
}
