package dev.huella.core.reading;

import java.nio.charset.StandardCharsets;

/** Gives one string for equal bytes, so that a name met a thousand times is decoded and kept once. */
final class TextPool {
    /** Longer texts are not pooled. Bytes. */
    static final int LONGEST = 64;
    private static final int SLOTS = 1 << 14;
    private final String[] strings = new String[SLOTS];
    private final byte[][] keys = new byte[SLOTS][];

    String text(byte[] bytes, int start, int end) {
        int hash = end - start;
        for (int i = start; i < end; i++) {
            hash = hash * 31 + bytes[i];
        }
        int slot = (hash ^ hash >>> 15) & SLOTS - 1;
        byte[] key = keys[slot];
        if (key != null && java.util.Arrays.equals(key, 0, key.length, bytes, start, end)) {
            return strings[slot];
        }
        String made = new String(bytes, start, end - start, StandardCharsets.UTF_8);
        keys[slot] = java.util.Arrays.copyOfRange(bytes, start, end);
        strings[slot] = made;
        return made;
    }
}
