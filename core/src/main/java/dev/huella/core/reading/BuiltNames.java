package dev.huella.core.reading;

import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * Names of operations that a body puts together: {@code "visit_" + kind}, {@code `visit${kind}`}. What is fixed of one
 * is kept, with a star for the rest; what was put into a variable of the body is known under it.
 */
public final class BuiltNames {
    private static final Pattern OPEN = Pattern.compile("#\\{[^}]*\\}|\\$\\{[^}]*\\}|\\{[^}]*\\}|%s|\\$\\w+");
    private static final Pattern QUOTES = Pattern.compile("^[a-zA-Z]{0,2}:?(\"\"\"|'''|[\"'`])|[\"'`]+$");
    private static final Pattern NAME = Pattern.compile("\\w*[A-Za-z_]\\w+\\*\\w*|\\*\\w*[A-Za-z_]\\w+|[A-Za-z_]\\w*");
    private final Map<String, String> known = new HashMap<>();

    /** Remembers what a variable was given, if that is a name put together. */
    public void assigned(String variable, SyntaxNode value) {
        String name = value == null ? null : of(value);
        if (name == null) {
            known.remove(variable);
        } else {
            known.put(variable, name);
        }
    }

    /** What is fixed of the name that an expression puts together; null when nothing is, or it is no name. */
    public String of(SyntaxNode expression) {
        String name = written(expression).replaceAll("\\*+", "*");
        return NAME.matcher(name).matches() ? name : null;
    }

    private String written(SyntaxNode node) {
        return switch (node.kind()) {
            case "string", "template_string", "encapsed_string", "delimited_symbol", "simple_symbol",
                    "concatenated_string" ->
                text(node);
            case "binary_operator", "binary_expression", "binary" -> {
                SyntaxNode left = node.child("left");
                SyntaxNode right = node.child("right");
                boolean formats = node.text().contains("%") && !node.text().contains("+");
                yield left == null || right == null ? "*" : formats ? written(left) : written(left) + written(right);
            }
            case "parenthesized_expression", "parenthesized_statements" ->
                node.children().isEmpty() ? "*" : written(node.children().getFirst());
            case "call", "call_expression" -> called(node);
            case "identifier", "variable_name" -> known.getOrDefault(node.text(), "*");
            default -> "*";
        };
    }

    /** {@code "visit_{}".format(kind)}, {@code "visit_#{kind}".to_sym}. */
    private String called(SyntaxNode node) {
        SyntaxNode function = node.child("function");
        SyntaxNode on = function != null ? function.child("object") : node.child("receiver");
        return on == null ? "*" : written(on);
    }

    private static String text(SyntaxNode node) {
        String bare = QUOTES.matcher(node.text()).replaceAll("");
        return OPEN.matcher(bare.startsWith(":") ? bare.substring(1) : bare).replaceAll("*");
    }
}
