package amberfence.step;

/** Counts how often each of many numbers came, without an object for each: open addressing with linear probing. */
public final class Tally {
    private static final int FIRST = 64;
    private long[] keys = new long[FIRST];
    /** 0 where there is no key. */
    private int[] counts = new int[FIRST];
    private int size;

    /** Counts a number once more, and says how often it came before. */
    public int again(long key) {
        if (size * 2 >= keys.length) {
            grow();
        }
        int at = find(key);
        if (counts[at] == 0) {
            keys[at] = key;
            size++;
        }
        return counts[at]++;
    }

    private int find(long key) {
        int mask = keys.length - 1;
        int at = Long.hashCode(key * 0x9E3779B97F4A7C15L) & mask;
        while (counts[at] != 0 && keys[at] != key) {
            at = at + 1 & mask;
        }
        return at;
    }

    private void grow() {
        long[] oldKeys = keys;
        int[] oldCounts = counts;
        keys = new long[oldKeys.length * 2];
        counts = new int[keys.length];
        for (int i = 0; i < oldKeys.length; i++) {
            if (oldCounts[i] > 0) {
                int at = find(oldKeys[i]);
                keys[at] = oldKeys[i];
                counts[at] = oldCounts[i];
            }
        }
    }
}
