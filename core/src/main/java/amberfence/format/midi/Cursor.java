package amberfence.format.midi;

/** A place in a file's bytes, up to a limit. Reading beyond the limit throws {@link Truncated}. */
final class Cursor {
    /** The bytes ended in the middle of something. */
    static final class Truncated extends Exception {
        private static final long serialVersionUID = 1L;

        Truncated() {
            super("the bytes end here", null, false, false);
        }
    }

    private final byte[] bytes;
    private int position;
    private int limit;

    Cursor(byte[] bytes, int position, int limit) {
        this.bytes = bytes;
        this.position = position;
        this.limit = limit;
    }

    int position() {
        return position;
    }

    void moveTo(int newPosition) {
        position = newPosition;
    }

    int remaining() {
        return limit - position;
    }

    boolean hasMore() {
        return position < limit;
    }

    byte[] bytes() {
        return bytes;
    }

    int peek() throws Truncated {
        need(1);
        return bytes[position] & 0xFF;
    }

    int next() throws Truncated {
        need(1);
        return bytes[position++] & 0xFF;
    }

    int nextShort() throws Truncated {
        return next() << 8 | next();
    }

    long nextInt() throws Truncated {
        return (long) nextShort() << 16 | nextShort();
    }

    void need(long count) throws Truncated {
        if (count > remaining()) {
            throw new Truncated();
        }
    }

    void skip(int count) throws Truncated {
        need(count);
        position += count;
    }

    /**
     * A variable-length quantity, most significant seven bits first. Longer than the four bytes that are allowed is
     * read all the same; beyond what a {@code long} can hold it counts as the largest.
     */
    long nextQuantity() throws Truncated {
        long value = 0;
        int digit;
        do {
            digit = next();
            value = value > Long.MAX_VALUE >> 8 ? Long.MAX_VALUE >> 8 : value << 7 | digit & 0x7F;
        } while (digit >= 0x80);
        return value;
    }

    /** Whether four letters stand at an offset. */
    boolean isAt(int offset, String letters) {
        if (offset < 0 || offset + letters.length() > bytes.length) {
            return false;
        }
        for (int i = 0; i < letters.length(); i++) {
            if (bytes[offset + i] != letters.charAt(i)) {
                return false;
            }
        }
        return true;
    }

    /** The offset of the next place from {@code from} where the letters stand, or −1. */
    int find(String letters, int from) {
        for (int offset = from; offset + letters.length() <= bytes.length; offset++) {
            if (isAt(offset, letters)) {
                return offset;
            }
        }
        return -1;
    }
}
