package dev.huella.core.exchange.packed;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** Reads what {@link PackedWriter} wrote, in the same order. */
abstract class PackedReader {
    private final byte[] bytes;
    private final List<String> texts = new ArrayList<>();
    private int at;

    PackedReader(byte[] bytes) {
        this.bytes = bytes;
    }

    final int number() {
        int number = 0;
        for (int shift = 0;; shift += 7) {
            byte next = bytes[at++];
            number |= (next & 0x7F) << shift;
            if (next >= 0) {
                return number;
            }
        }
    }

    final boolean flag() {
        return bytes[at++] != 0;
    }

    final double fraction() {
        long bits = 0;
        for (int i = 0; i < Double.BYTES; i++) {
            bits = bits << Byte.SIZE | bytes[at++] & 0xFF;
        }
        return Double.longBitsToDouble(bits);
    }

    /** A text or null. */
    final String text() {
        int number = number();
        if (number == 0) {
            return null;
        }
        if (number > 1) {
            return texts.get(number - 2);
        }
        int length = number();
        String text = new String(bytes, at, length, StandardCharsets.UTF_8).intern();
        at += length;
        texts.add(text);
        return text;
    }

    final <T> List<T> list(Supplier<T> each) {
        int size = number();
        List<T> found = new ArrayList<>(size);
        for (int i = 0; i < size; i++) {
            found.add(each.get());
        }
        return found;
    }
}
