package dev.huella.core.source;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** The bytes of a file as UTF-8, whatever it was written in, with the encoding that was recognised. */
public record SourceText(byte[] utf8, Charset encoding) {

    /** Null when the bytes are no text at all (they hold zero bytes and no UTF-16 mark). */
    public static SourceText of(byte[] bytes) {
        if (starts(bytes, 0xEF, 0xBB, 0xBF)) {
            return new SourceText(java.util.Arrays.copyOfRange(bytes, 3, bytes.length), StandardCharsets.UTF_8);
        }
        if (starts(bytes, 0xFE, 0xFF) || starts(bytes, 0xFF, 0xFE)) {
            String text = new String(bytes, StandardCharsets.UTF_16);
            return new SourceText(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_16);
        }
        boolean ascii = true;
        for (byte b : bytes) {
            if (b == 0) {
                return null;
            }
            ascii &= b > 0;
        }
        if (ascii || isUtf8(bytes)) {
            return new SourceText(bytes, StandardCharsets.UTF_8);
        }
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        return new SourceText(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.ISO_8859_1);
    }

    private static boolean starts(byte[] bytes, int... mark) {
        if (bytes.length < mark.length) {
            return false;
        }
        for (int i = 0; i < mark.length; i++) {
            if ((bytes[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }

    private static boolean isUtf8(byte[] bytes) {
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
            return true;
        } catch (CharacterCodingException e) {
            return false; // then it is taken as Latin-1, in which every byte is a letter
        }
    }
}
