package dev.huella.core.reading.script;

import dev.huella.core.reading.Masks;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the grammar does not know: how a type parameter may vary, generic types of other files named in place, and members
 * that go by a symbol: nobody without it reaches them, so they are hidden members of that name.
 */
final class ScriptMasks {
    private static final Pattern VARIANCE = Pattern.compile(
            "(?:[<,]\\s{0,40}|\\n[ \\t]{1,20})(in\\s+out|in|out)(?=\\s+[A-Z_$]\\w*(?:\\s+extends\\b|\\s*[,>=]))");

    /** Without its file the type is found by its name. */
    private static final Pattern FROM_A_FILE = Pattern
            .compile("\\b(import\\([\"'][^\"'()\\n]{1,200}[\"']\\)\\.)[\\w.]{1,200}<");

    /** A symbol made here, or names from other files, of which some may be symbols. */
    private static final Pattern SYMBOLS = Pattern.compile(
            "\\bconst\\s+(\\w+)(?:\\s*:[\\s\\w]{1,40})?\\s*=\\s*Symbol(?:\\.for)?\\("
                    + "|^import\\s*\\{([^{}]{1,4000})\\}\\s*from\\b|^const\\s*\\{([^{}]{1,4000})\\}\\s*=\\s*require\\(",
            Pattern.MULTILINE);

    private ScriptMasks() {}

    /** The same bytes when nothing needs hiding, else a copy. */
    static byte[] mask(byte[] utf8) {
        Masks masks = Masks.of(utf8).blank(VARIANCE, 1).blank(FROM_A_FILE, 1);
        for (String name : symbols(masks.text())) {
            String key = "\\[" + Pattern.quote(name) + "\\]";
            Pattern member = Pattern.compile("[\\w$)](" + key + ")");
            Pattern method = Pattern.compile(
                    "(?:^|[{;}])[ \\t]*(?:(?:static|async|get|set)\\s+)*(" + key + ")(?=\\s*[(=;])", Pattern.MULTILINE);
            masks.write(member, 1, ".#" + name).write(method, 1, "#" + name + " ");
        }
        return masks.bytes();
    }

    /** Names by which the text reaches into objects. */
    private static Set<String> symbols(String text) {
        Set<String> names = new LinkedHashSet<>();
        if (text.contains("this[")) {
            for (Matcher matcher = SYMBOLS.matcher(text); matcher.find();) {
                String list = matcher.group(1) != null
                        ? matcher.group(1)
                        : matcher.group(2) != null ? matcher.group(2) : matcher.group(3);
                for (String part : list.split(",")) {
                    names.add(part.replaceAll(".*(?:\\bas\\b|:)", "").strip());
                }
            }
        }
        names.removeIf(name -> !text.contains("this[" + name + "]"));
        return names;
    }
}
