package dev.huella.core.reading.csharp;

import dev.huella.core.reading.Masks;
import java.util.regex.Pattern;

/** What the grammar does not know yet. */
final class CSharpMasks {
    private static final Pattern UNKNOWN = Pattern.compile(
            "(?<=\\()\\s*params(?=\\s+(?:ReadOnly)?Span<)|(?<=,)\\s*params(?=\\s+(?:ReadOnly)?Span<)"
                    + "|\\b(?:unsafe|scoped)(?=\\s+(?:ref|in)\\b)|^[ \\t]*#(?:end)?region[^\\n]*",
            Pattern.MULTILINE);

    /** A list of nothing where a value is asked for. */
    private static final Pattern NOTHING = Pattern.compile("(?:=>|[=(,:{]|\\?\\?|\\breturn|\\? )\\s*(\\[\\])");
    private static final String EMPTY_LIST = "_0";
    private static final Pattern BY_REFERENCE = Pattern.compile("allows ref struct");
    /** The question mark of {@code a?.B = x}. */
    private static final Pattern SET_IF_PRESENT = Pattern
            .compile("(?<=[\\w)\\]])(\\?)(?=(?:\\.[\\w.]+|\\[[^\\]\\n]*\\])\\s*[-+*/|&]?=[^=>])");

    /** What the rest of a list must be like. */
    private static final Pattern REST = Pattern
            .compile("(?<=[\\[,] ?)\\.\\.([ \\t]*(?:var[ \\t]+\\w+|\\{[^{}\\n]*\\}(?:[ \\t]*\\w+)?))(?=\\s*[\\],])");

    /** The head of a block of members for another type: the words in front of the type's name, and what follows it. */
    private static final Pattern FOR_ANOTHER = Pattern
            .compile("(?m)^[ \\t]*(extension\\()[A-Z]\\w*(\\s+\\w+)?(\\))(?=\\s*\\{)");

    private CSharpMasks() {}

    /** The same bytes when nothing needs hiding, else a copy. */
    static byte[] mask(byte[] utf8) {
        return Masks.of(utf8)
                .blank(UNKNOWN, 0)
                .write(BY_REFERENCE, 0, "class            ")
                .write(NOTHING, 1, EMPTY_LIST)
                .blank(SET_IF_PRESENT, 1)
                .blank(REST, 1)
                .write(FOR_ANOTHER, 1, "new class ")
                .blank(FOR_ANOTHER, 2)
                .blank(FOR_ANOTHER, 3)
                .bytes();
    }

    /** True for the name that stands for a list of nothing after masking. */
    static boolean isEmptyList(String name) {
        return name.equals(EMPTY_LIST);
    }
}
