package dev.huella.core.reading.csharp;

import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Blanks out what the grammar does not know yet, without changing any length. */
final class CSharpMasks {
    private static final Pattern UNKNOWN = Pattern.compile(
            "allows ref struct|(?<=\\()\\s*params(?=\\s+(?:ReadOnly)?Span<)|(?<=,)\\s*params(?=\\s+(?:ReadOnly)?Span<)"
                    + "|\\b(?:unsafe|scoped)(?=\\s+(?:ref|in)\\b)|^[ \\t]*#(?:end)?region[^\\n]*",
            Pattern.MULTILINE);

    private static final String BY_REFERENCE = "allows ref struct";
    private static final byte[] A_CONSTRAINT = "class".getBytes(StandardCharsets.US_ASCII);

    private CSharpMasks() {}

    /** The same bytes when nothing needs blanking, else a copy. */
    static byte[] mask(byte[] utf8) {
        String text = new String(utf8, StandardCharsets.ISO_8859_1);
        Matcher matcher = UNKNOWN.matcher(text);
        byte[] masked = utf8;
        while (matcher.find()) {
            masked = masked == utf8 ? utf8.clone() : masked;
            for (int i = matcher.start(); i < matcher.end(); i++) {
                masked[i] = ' ';
            }
            if (matcher.group().equals(BY_REFERENCE)) {
                System.arraycopy(A_CONSTRAINT, 0, masked, matcher.start(), A_CONSTRAINT.length);
            }
        }
        return masked;
    }
}
