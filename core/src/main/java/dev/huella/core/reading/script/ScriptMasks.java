package dev.huella.core.reading.script;

import dev.huella.core.reading.Masks;
import java.util.regex.Pattern;

/** What the grammar does not know: how a type parameter may vary, and generic types of other files named in place. */
final class ScriptMasks {
    private static final Pattern VARIANCE = Pattern.compile(
            "(?:[<,]\\s{0,40}|\\n[ \\t]{1,20})(in\\s+out|in|out)(?=\\s+[A-Z_$]\\w*(?:\\s+extends\\b|\\s*[,>=]))");

    /** Without its file the type is found by its name. */
    private static final Pattern FROM_A_FILE = Pattern
            .compile("\\b(import\\([\"'][^\"'()\\n]{1,200}[\"']\\)\\.)[\\w.]{1,200}<");

    private ScriptMasks() {}

    /** The same bytes when nothing needs hiding, else a copy. */
    static byte[] mask(byte[] utf8) {
        return Masks.of(utf8).blank(VARIANCE, 1).blank(FROM_A_FILE, 1).bytes();
    }
}
