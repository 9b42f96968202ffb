package dev.huella.core.reading.java;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Blanks out words that the grammar does not know yet, without changing any length, so that what stands around
 * them is read and places stay true. Today: {@code module} in {@code import module java.base;}, and what the operations below say.
 */
final class JavaMasks {
    private static final byte[] IMPORT_MODULE = "import module ".getBytes(StandardCharsets.US_ASCII);

    private static final Pattern TAKEN_APART = Pattern
            .compile("\\b(?:instanceof|case)\\s+((?:\\w+\\.)+\\w+)\\s*(?:<[\\w<>,.? ]*>)?\\(");

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

    /**
     * Constructors may do something before they hand on since Java 25, which the grammar does not know: {@code super(}
     * and {@code this(} that begin a statement after another one become calls of a name that the reader knows.
     */
    static byte[] maskLateConstruction(byte[] utf8) {
        byte[] masked = utf8;
        for (String word : List.of("super", "this")) {
            for (int i = 1; i + word.length() < utf8.length; i++) {
                if (utf8[i] == word.charAt(0) && utf8[i + word.length()] == '(' && is(utf8, i, word)
                        && endsStatement(utf8, i - 1)) {
                    masked = masked == utf8 ? utf8.clone() : masked;
                    masked[i + word.length() - 1] = '_';
                }
            }
        }
        return masked;
    }

    /** Records that are taken apart are not known by a name with dots, only by one without: {@code Slot.Filled(} becomes one. */
    static byte[] maskTakenApart(byte[] utf8) {
        byte[] masked = utf8;
        Matcher found = TAKEN_APART.matcher(new String(utf8, StandardCharsets.ISO_8859_1));
        while (found.find()) {
            masked = masked == utf8 ? utf8.clone() : masked;
            for (int i = found.start(1); i < found.end(1); i++) {
                masked[i] = masked[i] == '.' ? (byte) '$' : masked[i];
            }
        }
        return masked;
    }

    /** The name as it was before {@link #maskTakenApart}. */
    static String dotted(String name) {
        return name.replace('$', '.');
    }

    /** True for the names that {@link #maskLateConstruction} leaves behind. */
    static boolean isLateConstruction(String name) {
        return name.equals("supe_") || name.equals("thi_");
    }

    private static boolean is(byte[] utf8, int at, String word) {
        for (int i = 0; i < word.length(); i++) {
            if (utf8[at + i] != word.charAt(i)) {
                return false;
            }
        }
        return true;
    }

    private static boolean endsStatement(byte[] utf8, int before) {
        int at = before;
        while (at > 0 && Character.isWhitespace(utf8[at])) {
            at--;
        }
        return utf8[at] == ';' || utf8[at] == '}';
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
