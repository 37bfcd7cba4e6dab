package amberfence.format.midi;

import amberfence.song.Bytes;
import java.util.Arrays;

/** A growing run of bytes. */
final class ByteSink {
    private byte[] bytes;
    private int length;

    ByteSink(int expected) {
        bytes = new byte[Math.max(64, expected)];
    }

    int length() {
        return length;
    }

    private void room(int count) {
        if (length + count > bytes.length) {
            bytes = Arrays.copyOf(bytes, Math.max(length + count, bytes.length * 2));
        }
    }

    void add(int value) {
        room(1);
        bytes[length++] = (byte) value;
    }

    void addShort(int value) {
        add(value >> 8);
        add(value);
    }

    void addInt(int value) {
        addShort(value >>> 16);
        addShort(value);
    }

    void add(Bytes run) {
        room(run.length());
        run.copyTo(bytes, length);
        length += run.length();
    }

    /** All of a run but its first byte. */
    void addWithoutFirst(Bytes run) {
        for (int i = 1; i < run.length(); i++) {
            add(run.at(i));
        }
    }

    /** Writes a number of four bytes where one was written before. */
    void setInt(int at, int value) {
        for (int i = 0; i < 4; i++) {
            bytes[at + i] = (byte) (value >>> 24 - 8 * i);
        }
    }

    void addLetters(String letters) {
        letters.chars().forEach(this::add);
    }

    /** A variable-length quantity of at most 28 bits. */
    void addQuantity(long value) {
        for (int shift = 21; shift > 0; shift -= 7) {
            if (value >> shift != 0) {
                add((int) (value >> shift & 0x7F | 0x80));
            }
        }
        add((int) (value & 0x7F));
    }

    byte[] toArray() {
        return Arrays.copyOf(bytes, length);
    }
}
