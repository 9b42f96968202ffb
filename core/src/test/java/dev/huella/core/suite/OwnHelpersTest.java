package dev.huella.core.suite;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a type does in hidden operations of its own it does itself: cases of the suite with every body moved into one. */
class OwnHelpersTest {
    private static final Rewriting REWRITING = OwnHelpersTest::moved;
    /** Operations with their bodies: indent, marks, result, name, parameters, what follows, body. */
    private static final Map<String, Pattern> OPERATIONS = Map.of("java", Pattern.compile(
            "(?ms)^( +)((?:(?:public|protected|final|static|synchronized) )*)((?!public |protected |private |return |new |else "
                    + "|static |final |throw )[\\w.]+(?:<[^(){};=]*>)?(?:\\[\\])*) (\\w+)\\(([^(){}]*)\\)((?: throws [\\w, .]+)?) \\{\\n"
                    + "(.*?)^\\1\\}$"),
            "php",
            Pattern.compile("(?ms)^( +)((?:(?:public|protected|static|final) )*)(function) (?!__)(\\w+)\\(([^(){}]*)\\)"
                    + "((?:: [^{};=\\n]+)?)\\s+\\{\\n(.*?)^\\1\\}$"));
    private static final Pattern KEPT = Pattern
            .compile("\\bsuper\\b|parent::|\\byield\\b|NotImplemented|\\bstatic \\$");
    @TempDir
    private Path copy;

    static Stream<Path> some() throws IOException {
        return REWRITING.some(3);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("some")
    void changeNothing(Path folder) throws Exception {
        REWRITING.changesNothing(folder, copy);
    }

    private static String moved(Path file, String text) {
        String language = file.toString().substring(file.toString().lastIndexOf('.') + 1);
        if (!OPERATIONS.containsKey(language)) {
            return text;
        }
        Matcher operation = OPERATIONS.get(language).matcher(text);
        var all = new StringBuilder();
        while (operation.find()) {
            boolean kept = operation.group(7).isBlank() || KEPT.matcher(operation.group(7)).find()
                    || operation.group(5).matches("(?s).*(\\.\\.\\.|&|= ).*") || operation.group(4).equals("main");
            operation.appendReplacement(all,
                    Matcher.quoteReplacement(kept ? operation.group() : moved(operation, language, all.length())));
        }
        return operation.appendTail(all).toString();
    }

    private static String moved(Matcher operation, String language, int number) {
        String indent = operation.group(1);
        String inner = operation.group(4) + "Inner" + number;
        boolean shared = operation.group(2).contains("static");
        boolean nothing = operation.group(3).equals("void") || operation.group(6).contains("void");
        boolean java = language.equals("java");
        String on = java ? "" : shared ? "self::" : "$this->";
        String given = parameters(operation.group(5)).stream()
                .map(one -> one.substring(one.lastIndexOf(' ') + 1))
                .collect(Collectors.joining(", "));
        String hidden = operation.group(2).replaceAll("public |protected |final |synchronized ", "");
        return "%s%s%s %s(%s)%s {\n%s    %s%s%s(%s);\n%s}\n\n%sprivate %s%s %s(%s)%s {\n%s%s}".formatted(indent,
                operation.group(2), operation.group(3), operation.group(4), operation.group(5), operation.group(6),
                indent, nothing ? "" : "return ", on, inner, given, indent, indent, hidden, operation.group(3), inner,
                operation.group(5), operation.group(6), operation.group(7), indent);
    }

    /** Split at the commas that stand in no type parameters. */
    private static List<String> parameters(String text) {
        return text.isBlank()
                ? List.of()
                : Stream.of(text.split(",(?![^<]*>)")).map(String::strip).toList();
    }
}
