package dev.huella.core.reading.swift;

import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Blanks out what the grammar does not know, without changing any length. */
final class SwiftMasks {
    private static final Pattern UNKNOWN = Pattern.compile(
            "[:,]\\s*~\\w+|(?<=throws)\\s*\\([^)\\n]*\\)|\\bsending\\b(?=\\s+\\w)|\\bnonisolated\\(unsafe\\)"
                    + "|^#(?:if|elseif|else|endif|sourceLocation|warning|error)\\b[^\\n]*|^[ \\t]+#(?:if|elseif|else|endif)\\b[^\\n]*"
                    + "|@(?:_\\w+|available|objc|IBAction|IBOutlet|discardableResult|inlinable|usableFromInline|frozen)(?:\\((?:\"[^\"\\n]*\"|[^)\"\\n])*\\))?(?=\\s)",
            Pattern.MULTILINE);

    private SwiftMasks() {}

    /** The same bytes when nothing needs blanking, else a copy. */
    static byte[] mask(byte[] utf8) {
        Matcher matcher = UNKNOWN.matcher(new String(utf8, StandardCharsets.ISO_8859_1));
        byte[] masked = utf8;
        while (matcher.find()) {
            masked = masked == utf8 ? utf8.clone() : masked;
            for (int i = matcher.start(); i < matcher.end(); i++) {
                masked[i] = masked[i] == '\n' ? (byte) '\n' : (byte) ' ';
            }
        }
        return masked;
    }
}
