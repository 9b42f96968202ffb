package dev.huella.core.reading.script;

import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Blanks out what the grammar does not know, without changing any length: how a type parameter may vary. */
final class ScriptMasks {
    private static final Pattern VARIANCE = Pattern.compile(
            "(?:[<,]\\s{0,40}|\\n[ \\t]{1,20})(in\\s+out|in|out)(?=\\s+[A-Z_$]\\w*(?:\\s+extends\\b|\\s*[,>=]))");

    private ScriptMasks() {}

    /** The same bytes when nothing needs blanking, else a copy. */
    static byte[] mask(byte[] utf8) {
        Matcher matcher = VARIANCE.matcher(new String(utf8, StandardCharsets.ISO_8859_1));
        byte[] masked = utf8;
        while (matcher.find()) {
            masked = masked == utf8 ? utf8.clone() : masked;
            for (int i = matcher.start(1); i < matcher.end(1); i++) {
                masked[i] = ' ';
            }
        }
        return masked;
    }
}
