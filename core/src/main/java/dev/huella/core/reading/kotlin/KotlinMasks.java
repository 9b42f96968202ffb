package dev.huella.core.reading.kotlin;

import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.Masks;
import java.util.regex.Pattern;

/** What the grammar does not know. */
final class KotlinMasks {
    private static final Pattern UNKNOWN = Pattern.compile(
            "\\bfun(?=\\s+interface\\b)|(?<=[:,(<] ?)(?:[a-z]\\w*\\.)+(?=[\\w.]+\\.\\()|^[ \\t]*context\\s*\\([^)\\n]*\\)(?=\\s+\\w)|(?<![\\w$])\\$+(?=\")|(?<=\\.\\.)<"
                    + "|(?<=\\w)<[^<>\\n]*>(?=\\??::)|@(?:JvmField|Transient|PublishedApi|JvmStatic|Volatile)\\b"
                    + "|\\b(?:actual|expect)(?=\\s+(?:class|fun|val|var|constructor|interface|object|typealias|annotation|suspend|inline|override|abstract|open|sealed|internal))",
            Pattern.MULTILINE);
    private static final Pattern GUARD = Pattern.compile(
            "(?:^|[{;])([ \\t]*(?:is\\s+)?[\\w.<>*]+)( if [^\\n]*?)(?=\\s*->)",
            Pattern.MULTILINE);

    /** What a call with a block gives is added to or taken from. */
    private static final Pattern ADDED_TO = Pattern.compile("\\}[ \\t]*(\\+=)(?=[ \\t]*[^\\s=])");
    private static final Pattern TAKEN_FROM = Pattern.compile("\\}[ \\t]*(-=)(?=[ \\t]*[^\\s=])");
    private static final Pattern OPEN = Pattern.compile(
            "(?:^|->|\\belse\\b|[{;(),])[ \\t]*(open)(?=[ \\t]*[-+*/]?=[^=]|\\()",
            Pattern.MULTILINE);
    /** {@code : Type by value} before a body, of an object or a type; looked for within a thousand letters of a line. */
    private static final Pattern DELEGATING = Pattern.compile(
            "\\b(?:object\\s*|(?:class|object)\\s+\\w+(?:\\s*<[^{}()\\n]*>)?\\s*(?:[\\w \\t]*\\bconstructor\\s*)?"
                    + "(?:\\((?:[^(){}]++|\\([^(){}]*+\\))*+\\)\\s*)?):[^{}\\n]{0,999}(?:,[ \\t]*\\r?\\n[^{}\\n]{0,999})*?\\s(by)\\s+\\w[\\w.]*"
                    + "(?:\\([^(){}\\n]*\\))?\\s*\\{");
    /** The blank between the last thing in a body and the brace. */
    private static final Pattern LAST = Pattern.compile("(?<!->)(?<=[^\\s{;,(\\[])([ \\t])(?=\\})");
    /** A branch of a choice that asks for a range, behind another that gives a value: the line would go on. */
    private static final Pattern RANGE = Pattern
            .compile("->[^\\n]*[^,{(\\s\\n][ \\t]*\\n[ \\t]*([ \\t])(?=in [^\\n]*->)");
    /** {@code Outer.Inner.() -> Unit}: the object a function is evaluated inside of is of a nested type. */
    private static final Pattern NESTED = Pattern
            .compile("\\b[A-Z]\\w*(\\.)(?=[A-Z]\\w*(?:\\.[A-Z]\\w*)*(?:<[^<>()\\n]*>)?\\.\\()");
    private static final Pattern JOINED = Pattern.compile("(?<=[a-z0-9])_(?=[A-Z])");
    /** As long as the word; no code has it. */
    private static final String HANDED_ON = ",\f";

    private static final String QUOTED = "`op`";
    /** Signs as operations between two values. */
    private static final String ADDS = "_p";
    private static final String TAKES = "_m";

    private KotlinMasks() {}

    /** What the code calls it; a name that the grammar takes for a keyword was masked as a quoted one as long. */
    static String name(String seen, String name) {
        return seen.equals(QUOTED) ? "open" : name;
    }

    /** The type that a function is evaluated inside of: what was joined for the grammar is a path again. */
    static TypeText receiver(TypeText seen) {
        return new TypeText(JOINED.matcher(seen.name()).replaceAll("."), seen.arguments(), seen.dimensions());
    }

    /** What an operation between two values is called in the code. */
    static String between(String seen) {
        return seen.equals(ADDS) ? "+=" : seen.equals(TAKES) ? "-=" : seen;
    }

    /** The same bytes when nothing needs hiding, else a copy. */
    static byte[] mask(byte[] utf8) {
        return Masks.of(utf8)
                .blank(UNKNOWN, 0)
                .blank(GUARD, 2)
                .write(OPEN, 1, QUOTED)
                .write(ADDED_TO, 1, ADDS)
                .write(TAKEN_FROM, 1, TAKES)
                .write(RANGE, 1, ";")
                .write(NESTED, 1, "_")
                .write(DELEGATING, 1, HANDED_ON)
                .bytes();
    }

    /** For texts that do not parse: what ends with a body on the same line is ended for the grammar, too. */
    static byte[] maskMore(byte[] utf8) {
        return Masks.of(utf8).write(LAST, 1, ";").bytes();
    }

    /** True when what the text ends with was masked as one more supertype, but is what the last one is handed on to. */
    static boolean handsOn(String textBefore) {
        return textBefore.contains(HANDED_ON);
    }
}
