package dev.huella.core.reading;

import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Changes to a text, before it is parsed, that hide what a grammar does not know. Every byte stays at its place and
 * every line keeps its number. Nothing is copied as long as nothing changes.
 */
public final class Masks {
    private final byte[] given;
    private final String text;
    private byte[] masked;

    private Masks(byte[] utf8) {
        given = utf8;
        masked = utf8;
        text = new String(utf8, StandardCharsets.ISO_8859_1);
    }

    /** Begins with a text in which nothing is changed; patterns see it as it was given, whatever is changed later. */
    public static Masks of(byte[] utf8) {
        return new Masks(utf8);
    }

    /** The text as it was given, a letter for each byte. */
    public String text() {
        return text;
    }

    /** Puts blanks where the group of a match is; group 0 is all of it. Ends of lines stay. */
    public Masks blank(Pattern pattern, int group) {
        for (Matcher matcher = pattern.matcher(text); matcher.find();) {
            for (int i = matcher.start(group); i >= 0 && i < matcher.end(group); i++) {
                put(i, given[i] == '\n' ? '\n' : ' ');
            }
        }
        return this;
    }

    /** Writes a text over the start of the group of a match; the next match may begin right behind that. */
    public Masks write(Pattern pattern, int group, String instead) {
        Matcher matcher = pattern.matcher(text);
        for (int at = 0; at <= text.length() && matcher.find(at); at = matcher.start(group) + 1) {
            for (int i = 0; i < instead.length(); i++) {
                put(matcher.start(group) + i, instead.charAt(i));
            }
        }
        return this;
    }

    /** Writes over the group of each match what is made of it, which is as long as it was. */
    public Masks rewrite(Pattern pattern, int group, UnaryOperator<String> by) {
        for (Matcher matcher = pattern.matcher(text); matcher.find();) {
            String instead = by.apply(matcher.group(group));
            for (int i = 0; i < instead.length(); i++) {
                put(matcher.start(group) + i, instead.charAt(i));
            }
        }
        return this;
    }

    /** Puts one letter in the place of another wherever it stands in code, which is not in texts and comments. */
    public Masks writeInCode(char letter, char instead) {
        for (int i = 0; i < text.length(); i++) {
            int end = endOfNoCode(i);
            if (end == i && text.charAt(i) == letter) {
                put(i, instead);
            }
            i = Math.max(i, end - 1);
        }
        return this;
    }

    /** Puts blanks where comments are, but not where a text looks like one. */
    public Masks blankComments() {
        for (int i = 0; i < text.length(); i++) {
            int end = endOfNoCode(i);
            for (int at = i; at < end && text.charAt(i) == '/'; at++) {
                put(at, given[at] == '\n' ? '\n' : ' ');
            }
            i = Math.max(i, end - 1);
        }
        return this;
    }

    /** Where the text or comment ends that begins here, the first position behind it; the same position when none does. */
    private int endOfNoCode(int start) {
        if (text.charAt(start) == '"') {
            return Math.min(endOfText(start) + 1, text.length());
        }
        if (text.charAt(start) == '\'') {
            int letter = text.startsWith("\\", start + 1) ? start + 3 : start + 2;
            return text.startsWith("'", letter) ? letter + 1 : start;
        }
        if (text.startsWith("//", start)) {
            return before(text.indexOf('\n', start));
        }
        return text.startsWith("/*", start)
                ? Math.min(before(text.indexOf("*/", start + 2)) + 2, text.length())
                : start;
    }

    private int endOfText(int start) {
        String quote = text.startsWith("\"\"\"", start) ? "\"\"\"" : "\"";
        for (int i = start + quote.length(); i < text.length(); i++) {
            if (text.charAt(i) == '\\') {
                i++;
            } else if (text.startsWith(quote, i)) {
                return i + quote.length() - 1;
            }
        }
        return text.length();
    }

    private int before(int end) {
        return end < 0 ? text.length() : end;
    }

    private void put(int at, char letter) {
        if (given[at] != (byte) letter) {
            masked = masked == given ? given.clone() : masked;
            masked[at] = (byte) letter;
        }
    }

    /** The text as it is to be parsed: the bytes given where nothing was changed. */
    public byte[] bytes() {
        return masked;
    }
}
