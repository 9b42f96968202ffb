package dev.huella.core.reading.script;

import dev.huella.core.reading.Masks;
import java.util.regex.Pattern;

/** What the grammar does not know: how a type parameter may vary. */
final class ScriptMasks {
    private static final Pattern VARIANCE = Pattern.compile(
            "(?:[<,]\\s{0,40}|\\n[ \\t]{1,20})(in\\s+out|in|out)(?=\\s+[A-Z_$]\\w*(?:\\s+extends\\b|\\s*[,>=]))");

    private ScriptMasks() {}

    /** The same bytes when nothing needs hiding, else a copy. */
    static byte[] mask(byte[] utf8) {
        return Masks.of(utf8).blank(VARIANCE, 1).bytes();
    }
}
