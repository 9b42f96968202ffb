package dev.huella.core.match;

/** Row numbers by a long key; the first row given for a key stays. */
final class LongRows {
    private final long[] keys;
    private final int[] rows;

    LongRows(int expected) {
        int capacity = Integer.highestOneBit(Math.max(4, expected) * 2) * 2;
        keys = new long[capacity];
        rows = new int[capacity];
    }

    void put(long key, int row) {
        int slot = slot(key);
        while (rows[slot] != 0) {
            if (keys[slot] == key) {
                return;
            }
            slot = slot + 1 & keys.length - 1;
        }
        keys[slot] = key;
        rows[slot] = row + 1;
    }

    /** -1 when the key is not there. */
    int get(long key) {
        int slot = slot(key);
        while (rows[slot] != 0) {
            if (keys[slot] == key) {
                return rows[slot] - 1;
            }
            slot = slot + 1 & keys.length - 1;
        }
        return -1;
    }

    private int slot(long key) {
        long mixed = key * 0x9E3779B97F4A7C15L;
        return (int) (mixed >>> 32) & keys.length - 1;
    }
}
