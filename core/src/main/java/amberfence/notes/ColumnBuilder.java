package amberfence.notes;

import java.util.Arrays;

/**
 * Puts a column together number by number. As long as its numbers are those of another column, or follow from their place, it keeps
 * none of its own.
 */
final class ColumnBuilder {
    private static final int AT_LEAST = 16;
    /** What the column is taken over from while it is the same; null once it is another. */
    private Column like;
    private byte[] bytes;
    private int[] ints;
    private long[] longs;
    private long first;
    private long step;
    private int size;
    private final int expected;

    /**
     * @param like     a column whose numbers it will most likely begin with
     * @param expected how many there will most likely be
     */
    ColumnBuilder(Column like, int expected) {
        this.like = like.size() == 0 ? null : like;
        this.expected = expected;
    }

    /** All numbers of a column, to be changed. */
    static ColumnBuilder from(Column like) {
        ColumnBuilder builder = new ColumnBuilder(like, like.size());
        builder.size = like.size();
        return builder;
    }

    /** One more number. */
    void add(long number) {
        if (like != null) {
            if (size < like.size() && like.at(size) == number) {
                size++;
                return;
            }
            leave();
        }
        put(number);
    }

    /** Some more numbers, which are those of the column that this one is like. */
    void addAlike(int many) {
        size += many;
    }

    /** The numbers of another column in [from, to), in one go where both are kept alike; none where there are none. */
    void addAll(Column column, int from, int to) {
        int many = to - from;
        if (many <= 0) {
            return;
        }
        if (like == column && from == size) {
            size = to;
            return;
        }
        if (like != null) {
            leave();
        }
        if (size == 0 && isEven()) {
            bytes = column.bytes == null ? null : new byte[room(many)];
            ints = column.ints == null ? null : new int[room(many)];
            longs = column.longs == null ? null : new long[room(many)];
        }
        int place = size;
        grow(place + many);
        if (bytes != null && column.bytes != null) {
            System.arraycopy(column.bytes, from, bytes, place, many);
            size += many;
        } else if (ints != null && column.ints != null) {
            System.arraycopy(column.ints, from, ints, place, many);
            size += many;
        } else if (longs != null && column.longs != null) {
            System.arraycopy(column.longs, from, longs, place, many);
            size += many;
        } else {
            for (int i = from; i < to; i++) {
                put(column.at(i));
            }
        }
    }

    private void put(long number) {
        int place = size++;
        if (bytes != null && number == (byte) number) {
            if (place == bytes.length) {
                grow(place + 1);
            }
            bytes[place] = (byte) number;
        } else if (ints != null && number == (int) number) {
            if (place == ints.length) {
                grow(place + 1);
            }
            ints[place] = (int) number;
        } else if (longs != null) {
            if (place == longs.length) {
                grow(place + 1);
            }
            longs[place] = number;
        } else if (isEven() && place < 2) {
            step = place == 0 ? 0 : number - first;
            first = place == 0 ? number : first;
        } else if (!isEven() || number != first + step * place) {
            size = place;
            widen(number);
            put(number);
        }
    }

    /** Another number at a place that has one already. */
    void set(int place, long number) {
        if (at(place) == number) {
            return;
        }
        if (like != null) {
            leave();
        }
        if (isEven() || bytes != null && number != (byte) number || ints != null && number != (int) number) {
            widen(number);
        }
        if (bytes != null) {
            bytes[place] = (byte) number;
        } else if (ints != null) {
            ints[place] = (int) number;
        } else {
            longs[place] = number;
        }
    }

    long at(int place) {
        if (like != null) {
            return like.at(place);
        }
        return bytes != null ? bytes[place] : ints != null ? ints[place] : longs != null ? longs[place] : first + step * place;
    }

    /** The column of all numbers so far. */
    Column build() {
        if (like != null) {
            return like.range(0, size);
        }
        if (bytes != null) {
            bytes = bytes.length == size ? bytes : Arrays.copyOf(bytes, size);
            return Column.of(bytes);
        }
        if (ints != null) {
            ints = ints.length == size ? ints : Arrays.copyOf(ints, size);
            return Column.of(ints);
        }
        if (longs != null) {
            longs = longs.length == size ? longs : Arrays.copyOf(longs, size);
            return Column.of(longs);
        }
        return Column.even(size, first, step);
    }

    private boolean isEven() {
        return bytes == null && ints == null && longs == null;
    }

    private int room(int place) {
        return Math.max(Math.max(AT_LEAST, expected), place + (place >> 1));
    }

    /** Room for so many numbers in all, where they have any of their own. */
    private void grow(int needed) {
        if (bytes != null && bytes.length < needed) {
            bytes = Arrays.copyOf(bytes, room(needed));
        } else if (ints != null && ints.length < needed) {
            ints = Arrays.copyOf(ints, room(needed));
        } else if (longs != null && longs.length < needed) {
            longs = Arrays.copyOf(longs, room(needed));
        }
    }

    /** The column is no longer the one that it was like: the numbers so far become its own. */
    private void leave() {
        int room = Math.max(size, expected);
        bytes = like.bytes == null ? null : Arrays.copyOf(like.bytes, room);
        ints = like.ints == null ? null : Arrays.copyOf(like.ints, room);
        longs = like.longs == null ? null : Arrays.copyOf(like.longs, room);
        first = like.first;
        step = like.step;
        like = null;
    }

    /** Room for a number that does not fit what there is. */
    private void widen(long number) {
        boolean narrow = isEven() && number == (byte) number;
        boolean small = longs == null && number == (int) number;
        for (int i = 0; i < size && (narrow || small); i++) {
            long there = at(i);
            narrow &= there == (byte) there;
            small &= there == (int) there;
        }
        int room = Math.max(expected, room(size));
        byte[] newBytes = narrow ? new byte[room] : null;
        int[] newInts = !narrow && small ? new int[room] : null;
        long[] newLongs = !narrow && !small ? new long[room] : null;
        for (int i = 0; i < size; i++) {
            if (newBytes != null) {
                newBytes[i] = (byte) at(i);
            } else if (newInts != null) {
                newInts[i] = (int) at(i);
            } else {
                newLongs[i] = at(i);
            }
        }
        bytes = newBytes;
        ints = newInts;
        longs = newLongs;
    }
}
