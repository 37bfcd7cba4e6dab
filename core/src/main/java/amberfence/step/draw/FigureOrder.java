package amberfence.step.draw;

import java.util.Arrays;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/** In which order the notes of a chord come one after another. */
enum FigureOrder {
    UP, DOWN, UP_DOWN, UP_DOWN_TWICE, DOWN_UP, OUTWARD, INWARD, PLAYED, CHANCE;

    /**
     * Which note comes when, for so many notes from 0, the lowest, or as they were played; one round of the figure. By
     * chance there is no order, so each stands once.
     */
    int[] of(int count) {
        int last = count - 1;
        return switch (this) {
            case UP, PLAYED, CHANCE -> row(count, i -> i);
            case DOWN -> row(count, i -> last - i);
            case UP_DOWN -> row(Math.max(1, 2 * last), i -> i <= last ? i : 2 * last - i);
            case UP_DOWN_TWICE -> row(2 * count, i -> i <= last ? i : 2 * count - 1 - i);
            case DOWN_UP -> row(Math.max(1, 2 * last), i -> i <= last ? last - i : i - last);
            case OUTWARD -> outward(count);
            case INWARD -> row(count, i -> i % 2 == 0 ? i / 2 : last - i / 2);
        };
    }

    private static int[] row(int length, IntUnaryOperator at) {
        return IntStream.range(0, length).map(at).toArray();
    }

    /** The middle one, or the lower of two in the middle, then by turns: below first when there is one in the middle. */
    private static int[] outward(int count) {
        int middle = (count - 1) / 2;
        int side = count % 2 == 1 ? -1 : 1;
        return Arrays.copyOf(row(count, i -> middle + side * (i % 2 == 1 ? (i + 1) / 2 : -(i / 2))), count);
    }
}
