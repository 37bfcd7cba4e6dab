package amberfence.song;

import java.util.Arrays;
import java.util.HexFormat;

/** An immutable run of bytes. */
public final class Bytes {
    public static final Bytes EMPTY = new Bytes(new byte[0]);
    private final byte[] content;

    private Bytes(byte[] content) {
        this.content = content;
    }

    /** A copy of {@code length} bytes from an offset. */
    public static Bytes of(byte[] source, int offset, int length) {
        return length == 0 ? EMPTY : new Bytes(Arrays.copyOfRange(source, offset, offset + length));
    }

    /** Bytes given as whole numbers, of which the low eight bits count. */
    public static Bytes of(int... values) {
        byte[] content = new byte[values.length];
        for (int i = 0; i < values.length; i++) {
            content[i] = (byte) values[i];
        }
        return new Bytes(content);
    }

    public int length() {
        return content.length;
    }

    /** The byte at an index, 0–255. */
    public int at(int index) {
        return content[index] & 0xFF;
    }

    public void copyTo(byte[] target, int offset) {
        System.arraycopy(content, 0, target, offset, content.length);
    }

    public byte[] toArray() {
        return content.clone();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Bytes bytes && Arrays.equals(content, bytes.content);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(content);
    }

    @Override
    public String toString() {
        return HexFormat.ofDelimiter(" ").withUpperCase().formatHex(content);
    }
}
