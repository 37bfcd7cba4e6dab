package amberfence.notes;

import java.util.Arrays;

/**
 * Whole numbers that cannot be changed, one for each note of a line, in as few bytes as they need: none where they follow from their
 * place (first + step × place), as the identities of a file's notes and a channel mostly do; else one, four or eight each.
 */
final class Column {
    /** Long columns are compared by so many numbers at once, from behind too. */
    private static final int BLOCK = 1 << 10;
    private final int size;
    /** At most one of the three is there. */
    final byte[] bytes;
    final int[] ints;
    final long[] longs;
    final long first;
    final long step;

    private Column(int size, byte[] bytes, int[] ints, long[] longs, long first, long step) {
        this.size = size;
        this.bytes = bytes;
        this.ints = ints;
        this.longs = longs;
        this.first = first;
        this.step = step;
    }

    /** Numbers that follow from their place. */
    static Column even(int size, long first, long step) {
        return new Column(size, null, null, null, first, step);
    }

    /** @param numbers is not copied, and never changed by anybody */
    static Column of(byte[] numbers) {
        return new Column(numbers.length, numbers, null, null, 0, 0);
    }

    /** @param numbers is not copied, and never changed by anybody */
    static Column of(int[] numbers) {
        return new Column(numbers.length, null, numbers, null, 0, 0);
    }

    /** @param numbers is not copied, and never changed by anybody */
    static Column of(long[] numbers) {
        return new Column(numbers.length, null, null, numbers, 0, 0);
    }

    int size() {
        return size;
    }

    /** The number at a place, below the size. Asked for again and again, so it is short enough to be built in wherever it is asked for. */
    long at(int place) {
        return ints != null ? ints[place] : otherwise(place);
    }

    /** The same, for numbers that mostly fit into a byte. */
    int smallAt(int place) {
        return bytes != null ? bytes[place] : (int) otherwise(place);
    }

    private long otherwise(int place) {
        if (bytes != null) {
            return bytes[place];
        }
        if (ints != null) {
            return ints[place];
        }
        return longs != null ? longs[place] : first + step * place;
    }

    /** Whether each number is above the one before it or, where that is allowed, the same. */
    boolean isAscending(boolean orSame) {
        for (int i = 1; i < size; i++) {
            if (at(i) < at(i - 1) || !orSame && at(i) == at(i - 1)) {
                return false;
            }
        }
        return true;
    }

    /** The place of a number among numbers that ascend; below 0 where it is none of them. */
    int search(long number) {
        int place = firstAtLeast(number);
        return place < size && at(place) == number ? place : -1;
    }

    /** The place of the first number that is not below another, among numbers none of which is below the one before it. */
    int firstAtLeast(long number) {
        int low = 0;
        int high = size;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (at(middle) < number) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The numbers in [from, to). */
    Column range(int from, int to) {
        if (from == 0 && to == size) {
            return this;
        }
        if (bytes != null) {
            return of(Arrays.copyOfRange(bytes, from, to));
        }
        if (ints != null) {
            return of(Arrays.copyOfRange(ints, from, to));
        }
        return longs != null ? of(Arrays.copyOfRange(longs, from, to)) : even(to - from, first + step * from, step);
    }

    /** The same with other numbers at some places; the very same where they are no others. */
    Column with(int[] places, long[] numbers) {
        ColumnBuilder changed = null;
        for (int i = 0; i < places.length; i++) {
            if (changed == null && at(places[i]) != numbers[i]) {
                changed = ColumnBuilder.from(this);
            }
            if (changed != null) {
                changed.set(places[i], numbers[i]);
            }
        }
        return changed == null ? this : changed.build();
    }

    /** How many numbers at the beginning are the same in both, at most so many as there are. */
    int sameFirst(Column other, int most) {
        if (this == other) {
            return most;
        }
        boolean areEven = isEven() && other.isEven() && first == other.first && (step == other.step || most < 2);
        int different = areEven ? -1 : firstDifferent(0, other, 0, most);
        return different < 0 ? most : different;
    }

    /** How many of so many numbers from a place on are the same in another from its place on before one is not; below 0 where all are. */
    private int firstDifferent(int from, Column other, int otherFrom, int count) {
        if (bytes != null && other.bytes != null) {
            return Arrays.mismatch(bytes, from, from + count, other.bytes, otherFrom, otherFrom + count);
        }
        if (ints != null && other.ints != null) {
            return Arrays.mismatch(ints, from, from + count, other.ints, otherFrom, otherFrom + count);
        }
        if (longs != null && other.longs != null) {
            return Arrays.mismatch(longs, from, from + count, other.longs, otherFrom, otherFrom + count);
        }
        for (int i = 0; i < count; i++) {
            if (at(from + i) != other.at(otherFrom + i)) {
                return i;
            }
        }
        return -1;
    }

    /** How many numbers at the end are the same in both, at most so many as there are. */
    int sameLast(Column other, int most) {
        if (this == other) {
            return most;
        }
        int same = 0;
        while (same + BLOCK <= most && firstDifferent(size - same - BLOCK, other, other.size - same - BLOCK, BLOCK) < 0) {
            same += BLOCK;
        }
        while (same < most && at(size - 1 - same) == other.at(other.size - 1 - same)) {
            same++;
        }
        return same;
    }

    /** Adds each number to the one at its place. */
    void addTo(long[] sums) {
        if (ints != null) {
            for (int i = 0; i < size; i++) {
                sums[i] += ints[i];
            }
        } else {
            for (int i = 0; i < size; i++) {
                sums[i] += otherwise(i);
            }
        }
    }

    /** The numbers, of which all fit into a byte each, in an array of their own. */
    byte[] bytes() {
        if (bytes != null) {
            return bytes.clone();
        }
        byte[] small = new byte[size];
        for (int i = 0; i < size; i++) {
            small[i] = (byte) otherwise(i);
        }
        return small;
    }

    /** How many bytes the numbers take. */
    long weight() {
        return bytes != null ? size : ints != null ? 4L * size : longs != null ? 8L * size : 0;
    }

    /** Whether each number is known to be one more than the one before it. */
    boolean isCounting() {
        return isEven() && (step == 1 || size < 2);
    }

    private boolean isEven() {
        return bytes == null && ints == null && longs == null;
    }
}
