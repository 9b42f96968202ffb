package dev.huella.core.exchange.packed;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Numbers, texts and lists as bytes: small numbers in one byte, each text once, later uses name its number. */
abstract class PackedWriter {
    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream(1 << 12);
    private final DataOutputStream out = new DataOutputStream(bytes);
    private final Map<String, Integer> texts = new HashMap<>();

    /** What to put into a list, item by item. */
    @FunctionalInterface
    interface Item<T> {
        void write(T item) throws IOException;
    }

    /** All that was written by one step. */
    final <T> byte[] bytes(T whole, Item<T> step) {
        try {
            step.write(whole);
            out.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e); // memory does not fail
        }
        return bytes.toByteArray();
    }

    final void number(int number) throws IOException {
        int left = number;
        while ((left & ~0x7F) != 0) {
            out.writeByte(left & 0x7F | 0x80);
            left >>>= 7;
        }
        out.writeByte(left);
    }

    final void flag(boolean flag) throws IOException {
        out.writeBoolean(flag);
    }

    final void fraction(double number) throws IOException {
        out.writeDouble(number);
    }

    /** A text or null. */
    final void text(String text) throws IOException {
        if (text == null) {
            number(0);
            return;
        }
        Integer known = texts.get(text);
        if (known != null) {
            number(known);
            return;
        }
        texts.put(text, texts.size() + 2);
        number(1);
        byte[] utf8 = text.getBytes(StandardCharsets.UTF_8);
        number(utf8.length);
        out.write(utf8);
    }

    final <T> void list(List<T> items, Item<T> each) throws IOException {
        number(items.size());
        for (T item : items) {
            each.write(item);
        }
    }
}
