package dev.huella.core.reading.cpp;

import dev.huella.core.reading.Directives;
import dev.huella.core.reading.Masks;
import dev.huella.core.reading.SyntaxNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Blanks out macros and words that hide what stands around them, without changing any length. */
final class CppMasks {
    private static final Pattern WORDS = Pattern.compile(
            "\\b(?:class|struct|union)\\s+((?:(?:[A-Z][A-Z0-9_]{2,}|[A-Za-z]\\w*_(?:API|EXPORTS?|DLL|DECL)\\b)(?:\\([^)\\n]*\\))?|__declspec\\([^)\\n]*\\)|__attribute__\\s*\\(\\([^\\n]*?\\)\\))\\s+)"
                    + "(?=[A-Za-z_][\\w:]*(?:\\s*<[^{;]*>)?\\s*(?:final\\s*)?(?://[^\\n]*\\s*)*[:{])"
                    + "|\\b(?:public|protected|private)\\s+(slots|Q_SLOTS)\\s*:|^[ \\t]*(signals|Q_SIGNALS)\\s*:"
                    + "|\\b(Q_OBJECT|Q_GADGET|Q_INVOKABLE|emit(?=\\s+\\w+\\s*\\()|Q_EMIT|__stdcall|__cdecl|WINAPI|APIENTRY)\\b"
                    + "|\\b(Q_(?:PROPERTY|ENUM|ENUMS|FLAG|DECLARE_\\w+|DISABLE_\\w+|INTERFACES|CLASSINFO|PLUGIN_\\w+)\\s*\\([^\\n]*\\))"
                    + "|\\(\\s*((?:\\w+::)+)(?=\\*\\s*\\w*\\s*\\))"
                    + "|\\busing\\s+[\\w:]+::operator\\s*\\(\\)\\s*(\\.\\.\\.)|\\b((?:extern\\s+)?template\\s+(?:class|struct)\\s[^;{}()]*;)"
                    + "|^[ \\t]*((?:export[ \\t]+)?module[ \\t]*[\\w.:]*;)|^[ \\t]*(export)(?=[ \\t]+(?:namespace|class|struct|template|enum|import|inline|constexpr|using|void|auto)\\b)"
                    + "|\\b(?:un)?signed(?:\\s+\\w+){1,3}\\s*(:\\s*\\d+)(?=\\s*[={])|\\b(?:bool|char|short|int|long|\\w+_t)\\s+\\w+\\s*(:\\s*\\d+)(?=\\s*[={])"
                    + "|[(]\\s*(this\\s+)(?=[\\w:]+(?:\\s*[&*]+\\s*|\\s+)\\w+\\s*[,)])"
                    + "|->(\\*)(?=\\s*\\w)|(__declspec\\([^)\\n]*\\))|(__attribute__\\s*\\(\\([^\\n]*?\\)\\))",
            Pattern.MULTILINE);
    private static final Pattern ALONE = Pattern.compile(
            "^[ \\t]*([A-Z][A-Z0-9_]{3,}(?:\\([^;{}\\n]*\\))?)[ \\t]*(?=\\n|$)|^[ \\t]*([A-Z][A-Z0-9_]{3,}[ \\t]*\\()[^()\\n]*;[ \\t]*(\\))[ \\t]*$|^[ \\t]*([A-Z][A-Z0-9_]{3,}_(?:API|EXPORT|INLINE|NODISCARD|CONSTEXPR\\w*|DECL|LOCAL|NOEXCEPT))\\b(?=[ \\t]+\\w)"
                    + "|(?<=\\])[ \\t]+([A-Z][A-Z0-9_]{3,})[ \\t]*(?=;)|\\b([A-Z][A-Z0-9]*_(?:NOEXCEPT|OVERRIDE|FINAL|CONSTEXPR|INLINE|EXPORT|API|NODISCARD|DEPRECATED))\\b(?!\\s*\\()",
            Pattern.MULTILINE);
    /** Marks of the head of an operation, before its result or between that and its name. */
    private static final Pattern IN_HEADS = Pattern.compile(
            "^[ \\t]*(?:(?:static|inline|virtual|friend|extern)[ \\t]+)*(?:void|bool|int|char|long|double|float|[A-Z]\\w+)[ \\t]+"
                    + "([A-Z][A-Z0-9_]{3,})(?=[ \\t]+[\\w:~]+[ \\t]*\\()"
                    + "|^[ \\t]*(?:static|inline|virtual|friend|extern|explicit)[ \\t]+([A-Z][A-Z0-9_]{3,})"
                    + "(?=[ \\t]+[\\w:<>]+[ \\t*&]+(?:operator\\b[^\\n(]*|[\\w:~]+)[ \\t]*\\()",
            Pattern.MULTILINE);
    /** Macros inside declarations and values: a demand behind template parameters, a type in a call, what a text goes on into. */
    private static final Pattern INSIDE = Pattern.compile(
            "\\btemplate\\s*<[^;{}()]*?(,\\s*[A-Z][A-Z0-9_]{3,}\\s*\\((?:[^()\"]|\"[^\"\\n]*\"|\\([^()]*\\))*\\))\\s*>"
                    + "|\\bQ_(?:ARG|RETURN_ARG)\\s*\\(([^(),;]+,)"
                    + "|\"[ \\t]+([A-Z][A-Za-z0-9_]{2,})(?=[ \\t]*[\",;)])|[(,=+][ \\t]*([A-Z][A-Za-z0-9_]{2,})[ \\t]+(?=\")");
    /** {@code = {}} behind a parameter. */
    private static final Pattern EMPTY_DEFAULT = Pattern.compile("(?<==[ ]?)\\{\\}(?=\\s*[,)])");
    /** What holds when a value is worked out while compiling. */
    private static final Pattern CONSTEVAL = Pattern.compile("\\bif\\s+!?\\s*(consteval)(?=\\s*\\{)");
    /** Where a statement begins. */
    private static final String BEGINS = "(?<=[;{})\\n][ \\t]{0,80})";
    /** Loops of a framework, written as a macro. */
    private static final Pattern FOREACH = Pattern.compile("\\b(?=foreach|Q_FOREACH|BOOST_FOREACH)" + BEGINS
            + "(foreach|Q_FOREACH|BOOST_FOREACH)\\s*\\("
            + "\\s*(?:const\\s+)?[\\w:]+(?:\\s*<[^;{}()]*>)?(?:\\s+[&*]*\\s*|\\s*[&*]+\\s*)(?:const\\s+)?\\w+\\s*(,)");
    private static final Pattern FOREVER = Pattern.compile("\\b(?=forever)" + BEGINS + "(forever)(?=\\s*\\{)");
    /** What a framework's macro turns into a text: an operation with the types of its parameters. */
    private static final Pattern SIGNATURE = Pattern.compile("\\b(?:SIGNAL|SLOT)\\s*\\(\\s*\\w+\\s*\\(([^()\\n]+)\\)");
    private static final Pattern OBJECTIVE_C = Pattern.compile("^\\s*@(?:interface|protocol|implementation|class)\\b",
            Pattern.MULTILINE);

    /** Stands for the word before signals; no code has it. */
    private static final String SIGNALS = "public\f";

    private CppMasks() {}

    /** True for the word before signals, which was masked as one that says who may see what follows. */
    static boolean isBeforeSignals(SyntaxNode access) {
        return access.text(access.end(), access.end() + 1).equals("\f");
    }

    /** The same bytes when nothing needs blanking, else a copy. */
    static byte[] mask(byte[] utf8) {
        String text = new String(utf8, StandardCharsets.ISO_8859_1);
        byte[] masked = blank(utf8, WORDS.matcher(text));
        Matcher empty = EMPTY_DEFAULT.matcher(text);
        while (empty.find()) {
            masked = masked == utf8 ? utf8.clone() : masked;
            masked[empty.start()] = '0';
            masked[empty.start() + 1] = ' ';
        }
        return Masks.of(masked)
                .write(CONSTEVAL, 1, "(1)      ")
                .rewrite(FOREACH, 1, word -> "for" + " ".repeat(word.length() - 3))
                .write(FOREACH, 2, ":")
                .write(FOREVER, 1, "for(;;)")
                .blank(SIGNATURE, 1)
                .bytes();
    }

    /** For texts that do not parse: macros that stand alone on a line, before and behind declarations, and inside them. */
    static byte[] maskMore(byte[] utf8) {
        byte[] plain = Directives.firstBranches(utf8);
        String text = new String(plain, StandardCharsets.ISO_8859_1);
        byte[] masked = plain;
        for (Pattern pattern : List.of(ALONE, IN_HEADS, INSIDE)) {
            masked = blank(masked, pattern.matcher(text));
        }
        return masked;
    }

    private static byte[] blank(byte[] utf8, Matcher matcher) {
        byte[] masked = utf8;
        while (matcher.find()) {
            for (int group = 1; group <= matcher.groupCount(); group++) {
                if (matcher.start(group) >= 0) {
                    masked = masked == utf8 ? utf8.clone() : masked;
                    String word = matcher.group(group);
                    boolean access = word.equals("signals") || word.equals("Q_SIGNALS");
                    for (int i = 0; i < word.length(); i++) {
                        masked[matcher.start(group) + i] = (byte) (access && i < SIGNALS.length()
                                ? SIGNALS.charAt(i)
                                : ' ');
                    }
                }
            }
        }
        return masked;
    }

    /** A header of another language under the same ending. */
    static boolean isObjectiveC(SyntaxNode root) {
        return root.tree().path().endsWith(".h") && OBJECTIVE_C.matcher(root.text()).find();
    }
}
