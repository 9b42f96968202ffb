package dev.huella.core.reading.kotlin;

import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Blanks out what the grammar does not know, without changing any length. */
final class KotlinMasks {
    private static final Pattern UNKNOWN = Pattern.compile(
            "\\bfun(?=\\s+interface\\b)|(?<=[:,(<] ?)(?:\\w+\\.)+(?=\\w+\\.\\()|^[ \\t]*context\\s*\\([^)\\n]*\\)(?=\\s*\\n)|(?<=\\$)\\$(?=\"\"\")"
                    + "|(?<=\\w)<[^<>\\n]*>(?=\\??::)|@(?:JvmField|Transient|PublishedApi|JvmStatic|Volatile)\\b"
                    + "|\\b(?:actual|expect)(?=\\s+(?:class|fun|val|var|constructor|interface|object|typealias|annotation|suspend|inline|override|abstract|open|sealed|internal))",
            Pattern.MULTILINE);
    private static final Pattern GUARD = Pattern.compile("^([ \\t]*(?:is\\s+)?[\\w.<>*]+)( if [^\\n]*?)(?=\\s*->)",
            Pattern.MULTILINE);

    private static final Pattern OPEN = Pattern.compile("(?:^|[{;(,])[ \\t]*(open)(?=[ \\t]*[-+*/]?=[^=])",
            Pattern.MULTILINE);
    /** {@code object : Type by value} before a body. */
    private static final Pattern DELEGATING = Pattern
            .compile("\\bobject\\s*:\\s*[\\w.<>?, ()]*?\\s(by)\\s+\\w[\\w.]*(?:\\([^(){}\\n]*\\))?\\s*\\{");
    /** A branch of a choice that asks for a range, behind another that gives a value: the line would go on. */
    private static final Pattern RANGE = Pattern
            .compile("->[^\\n]*[^,{(\\s\\n][ \\t]*\\n[ \\t]*([ \\t])(?=in [^\\n]*->)");
    /** As long as the word; no code has it. */
    private static final String HANDED_ON = ",\f";

    private static final String QUOTED = "`op`";

    private KotlinMasks() {}

    /** What the code calls it; a name that the grammar takes for a keyword was masked as a quoted one as long. */
    static String name(String seen, String name) {
        return seen.equals(QUOTED) ? "open" : name;
    }

    /** The same bytes when nothing needs blanking, else a copy. */
    static byte[] mask(byte[] utf8) {
        String text = new String(utf8, StandardCharsets.ISO_8859_1);
        byte[] masked = blank(utf8, UNKNOWN.matcher(text), 0, utf8);
        masked = blank(masked, GUARD.matcher(text), 2, utf8);
        for (Matcher open = OPEN.matcher(text); open.find();) {
            masked = masked == utf8 ? utf8.clone() : masked;
            System.arraycopy(QUOTED.getBytes(StandardCharsets.US_ASCII), 0, masked, open.start(1), QUOTED.length());
        }
        for (Matcher range = RANGE.matcher(text); range.find();) {
            masked = masked == utf8 ? utf8.clone() : masked;
            masked[range.start(1)] = ';';
            range.region(range.start(1), text.length());
        }
        for (Matcher by = DELEGATING.matcher(text); by.find();) {
            masked = masked == utf8 ? utf8.clone() : masked;
            System.arraycopy(HANDED_ON.getBytes(StandardCharsets.US_ASCII), 0, masked, by.start(1), 2);
        }
        return masked;
    }

    /** True when what the text ends with was masked as one more supertype, but is what the last one is handed on to. */
    static boolean handsOn(String textBefore) {
        return textBefore.contains(HANDED_ON);
    }

    private static byte[] blank(byte[] from, Matcher matcher, int group, byte[] original) {
        byte[] masked = from;
        while (matcher.find()) {
            masked = masked == original ? original.clone() : masked;
            for (int i = matcher.start(group); i < matcher.end(group); i++) {
                masked[i] = masked[i] == '\n' ? (byte) '\n' : (byte) ' ';
            }
        }
        return masked;
    }
}
