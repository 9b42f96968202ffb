package dev.huella.core.reading.swift;

import dev.huella.core.reading.Masks;
import java.util.regex.Pattern;

/** What the grammar does not know. */
final class SwiftMasks {
    private static final Pattern UNKNOWN = Pattern.compile(
            "[:,]\\s*~\\w+|\\b(?:consuming|borrowing)(?=\\s+func\\b)|(?<=throws)\\s*\\([^)\\n]*\\)|\\bsending\\b(?=\\s+\\w)|\\bnonisolated\\(unsafe\\)|(?<![\\w.`])await(?=\\s+[\\w(\\[.$])"
                    + "|\\bdiscard(?=\\s+self\\b)|\\bisolated(?=\\s+deinit\\b)|(?<=[=(,]\\s?)(?:consume|copy)(?=\\s+[a-z]\\w*\\b(?!\\s*[(:]))|(?<=<)let(?=\\s+\\w+\\s*:)"
                    + "|^#(?:if|elseif|else|endif|sourceLocation|warning|error)\\b[^\\n]*|^[ \\t]+#(?:if|elseif|else|endif)\\b[^\\n]*"
                    + "|@(?:_\\w+|available|objc|IBAction|IBOutlet|discardableResult|inlinable|usableFromInline|frozen)(?:\\((?:\"[^\"\\n]*\"|[^)\"\\n])*\\))?(?=\\s)",
            Pattern.MULTILINE);

    /** Calls of macros, which look like calls of functions. */
    private static final Pattern MACRO = Pattern.compile(
            "(#)(?!(?:if|elseif|else|endif|available|unavailable|selector|keyPath|file\\w*|line|function|column|sourceLocation"
                    + "|warning|error|colorLiteral|imageLiteral|fileLiteral|externalMacro|dsohandle)\\b)[A-Za-z]\\w*(?=\\s*[({])");

    private SwiftMasks() {}

    /** The same bytes when nothing needs hiding, else a copy. */
    static byte[] mask(byte[] utf8) {
        return Masks.of(utf8).blank(UNKNOWN, 0).write(MACRO, 1, "_").bytes();
    }

    /** For texts that do not parse: what stands behind a semicolon stands on a line of its own. */
    static byte[] maskMore(byte[] utf8) {
        return Masks.of(utf8).writeInCode(';', '\r').bytes();
    }
}
