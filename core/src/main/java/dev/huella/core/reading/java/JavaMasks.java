package dev.huella.core.reading.java;

import java.nio.charset.StandardCharsets;

/**
 * Blanks out words that the grammar does not know yet, without changing any length, so that what stands around
 * them is read and places stay true. Today: {@code module} in {@code import module java.base;}.
 */
final class JavaMasks {
    private static final byte[] IMPORT_MODULE = "import module ".getBytes(StandardCharsets.US_ASCII);

    private JavaMasks() {}

    /** The same bytes when nothing needs blanking, else a copy. */
    static byte[] mask(byte[] utf8) {
        byte[] masked = utf8;
        int last = utf8.length - IMPORT_MODULE.length;
        for (int i = 0; i <= last; i++) {
            if (utf8[i] == 'i' && (i == 0 || utf8[i - 1] == '\n') && startsAt(utf8, i)) {
                masked = masked == utf8 ? utf8.clone() : masked;
                for (int j = i; j < utf8.length && utf8[j] != '\n' && utf8[j] != '\r'; j++) {
                    masked[j] = ' ';
                }
            }
        }
        return masked;
    }

    private static boolean startsAt(byte[] utf8, int at) {
        for (int i = 0; i < IMPORT_MODULE.length; i++) {
            if (utf8[at + i] != IMPORT_MODULE[i]) {
                return false;
            }
        }
        return true;
    }
}
