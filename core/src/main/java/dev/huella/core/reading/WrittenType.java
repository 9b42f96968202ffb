package dev.huella.core.reading;

import dev.huella.core.facts.TypeText;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Reads a type from plain text: annotations in quotes, documentation comments, and languages whose annotations are
 * expressions. Knows names with dots or backslashes, arguments in {@code <…>} or {@code […]}, {@code T[]},
 * {@code T?}, {@code ?T}, unions with nothing, and functions as {@code (A) => R}, {@code Callable[[A], R]},
 * {@code callable(A): R} and {@code function(A): R}.
 */
public final class WrittenType {
    private static final Set<String> NOTHING = Set.of("None", "null", "undefined", "nil", "NoneType", "false", "void");
    private static final Set<String> PLAIN = Set.of("str", "bytes", "int", "float", "bool", "complex", "string",
            "number",
            "boolean", "bigint", "symbol", "String", "Number", "Boolean", "Integer", "Float", "Symbol");
    private static final Set<String> WRAPPERS = Set.of("ClassVar", "Final", "Annotated", "Required", "Readonly",
            "Awaitable", "Promise", "InitVar");
    private final String text;
    private int at;

    /** Words of comments for anything that is gone through; the last argument is what is in it. */
    private static final Set<String> LISTS = Set.of("array", "iterable", "non-empty-array", "non-empty-list");

    private WrittenType(String text) {
        this.text = text;
    }

    /** Null when the text is empty, names nothing, or names several types. */
    public static TypeText of(String text) {
        if (text == null || text.isBlank()) {
            return null;
        }
        return new WrittenType(text.strip()).union();
    }

    /**
     * The type written, or where there is none, that of what stands there unless something is given.
     *
     * @param values how the language calls truths, whole numbers, other numbers and texts
     */
    public static TypeText orOfDefault(TypeText written, SyntaxNode value, Plain values) {
        String text = written == null && value != null ? value.text() : "";
        return text.matches("true|false|True|False")
                ? TypeText.of(values.truth())
                : text.matches("-?\\d[\\d_]*")
                        ? TypeText.of(values.whole())
                        : text.matches("-?\\d[\\d_]*\\.\\d+")
                                ? TypeText.of(values.number())
                                : text.matches("\"[^\"]*\"|'[^']*'") ? TypeText.of(values.text()) : written;
    }

    /** Names of plain values in a language. */
    public record Plain(String truth, String whole, String number, String text) {
        public static final Plain SCRIPT = new Plain("boolean", "number", "number", "string");
        public static final Plain PYTHON = new Plain("bool", "int", "float", "str");
        public static final Plain PHP = new Plain("bool", "int", "float", "string");
        public static final Plain RUBY = new Plain("Boolean", "Integer", "Float", "String");
    }

    private TypeText union() {
        List<TypeText> found = new ArrayList<>();
        boolean optional = false;
        do {
            TypeText one = single();
            if (one != null && NOTHING.contains(one.name())) {
                optional = true;
            } else if (one != null && !found.contains(one)) {
                found.add(one);
            }
            alsoOtherThings();
        } while (accept('|'));
        TypeText type = oneOf(found);
        return optional ? TypeText.optional(type) : type;
    }

    /** Of {@code Crane & Movable} the first is taken. */
    private void alsoOtherThings() {
        while (accept('&')) {
            single();
        }
    }

    /** The one type, or those beside plain values; null when what else there is may be anything. */
    private static TypeText oneOf(List<TypeText> found) {
        TypeText richer = found.size() == 2 ? theRicher(found) : found.size() == 1 ? found.getFirst() : null;
        List<TypeText> types = found.stream().filter(one -> !PLAIN.contains(one.name()) && !one.isFunction()).toList();
        boolean named = types.stream().allMatch(one -> one.name().matches("(?:.*\\.)?\\p{Lu}[^.]*"));
        return richer != null || !named ? richer : TypeText.oneOf(types, PLAIN);
    }

    /** {@code Foo[]|Collection} speaks of one thing twice; {@code callable|Foo} of an object, or what makes it. */
    private static TypeText theRicher(List<TypeText> two) {
        if (two.getFirst().isFunction() != two.get(1).isFunction()) {
            TypeText object = two.getFirst().isFunction() ? two.get(1) : two.getFirst();
            TypeText function = two.getFirst().isFunction() ? two.getFirst() : two.get(1);
            String simple = object.name().substring(object.name().lastIndexOf('.') + 1);
            return Character.isUpperCase(simple.charAt(0)) ? object : function;
        }
        return two.getFirst().dimensions() > 0 ? two.getFirst() : two.get(1).dimensions() > 0 ? two.get(1) : null;
    }

    private TypeText single() {
        boolean optional = accept('?');
        skipBlanks();
        boolean list = text.startsWith("list<", at); // with square brackets it is a type of its own
        TypeText type = core();
        if (type != null && (list || LISTS.contains(type.name())) && !type.arguments().isEmpty()) {
            type = type.arguments().getLast().array(1 + type.dimensions());
        }
        while (type != null && peek() == '[' && next(1) == ']') {
            at += 2;
            type = type.array(1);
        }
        optional |= accept('?');
        return optional ? TypeText.optional(type) : type;
    }

    private TypeText core() {
        char first = peek();
        if (first == '"' || first == '\'') {
            int end = text.indexOf(first, at + 1);
            String quoted = end < 0 ? "" : text.substring(at + 1, end);
            at = end < 0 ? text.length() : end + 1;
            return of(quoted);
        }
        if (first == '(') {
            return grouped();
        }
        if (first == '[') {
            List<TypeText> inside = list('[', ']');
            return inside.size() == 1 ? inside.getFirst() : null;
        }
        String name = name();
        if (name.isEmpty()) {
            at++;
            return null;
        }
        return named(name);
    }

    private TypeText grouped() {
        List<TypeText> inside = list('(', ')');
        skipBlanks();
        if (text.startsWith("=>", at) || text.startsWith("->", at)) {
            at += 2;
            return TypeText.function(inside, union());
        }
        return inside.size() == 1 ? inside.getFirst() : null;
    }

    private TypeText named(String name) {
        String last = name.substring(name.lastIndexOf('.') + 1);
        boolean callable = last.equals("Callable") || last.equals("callable") || last.equals("Closure")
                || last.equals("function") || last.equals("Function");
        if (peek() == '(' && callable) {
            List<TypeText> parameters = list('(', ')');
            return TypeText.function(parameters, accept(':') ? single() : null);
        }
        if (peek() != '<' && (peek() != '[' || next(1) == ']')) {
            return callable
                    ? TypeText.function(List.of(), TypeText.of("?")) // it may give anything
                    : WRAPPERS.contains(last) ? null : TypeText.of(name);
        }
        boolean angle = peek() == '<';
        if (callable && !angle) {
            return pythonCallable();
        }
        if (last.equals("Literal")) {
            return ofLiterals();
        }
        List<TypeText> arguments = list(angle ? '<' : '[', angle ? '>' : ']');
        if (last.equals("Optional") && arguments.size() == 1) {
            return TypeText.optional(arguments.getFirst());
        }
        if (WRAPPERS.contains(last) && !arguments.isEmpty()) {
            return arguments.getFirst();
        }
        if (last.equals("Union")) {
            List<TypeText> real = arguments.stream()
                    .filter(one -> one != null && !NOTHING.contains(one.name()))
                    .toList();
            TypeText one = oneOf(real);
            return real.size() < arguments.size() ? TypeText.optional(one) : one;
        }
        return new TypeText(name, arguments.stream().map(one -> one == null ? TypeText.of("?") : one).toList(), 0);
    }

    /** {@code Literal["a", "b"]} is what its values are. */
    private TypeText ofLiterals() {
        accept('[');
        char first = peek();
        int end = text.indexOf(']', at);
        at = end < 0 ? text.length() : end + 1;
        return TypeText
                .of(Character.isDigit(first) || first == '-' ? "int" : Character.isLetter(first) ? "bool" : "str");
    }

    private TypeText pythonCallable() {
        accept('[');
        List<TypeText> parameters = peek() == '[' ? list('[', ']') : List.of();
        while (at < text.length() && peek() != ',' && peek() != ']') {
            at++;
        }
        TypeText result = accept(',') ? union() : null;
        accept(']');
        return TypeText.function(parameters, result);
    }

    private List<TypeText> list(char open, char close) {
        List<TypeText> found = new ArrayList<>();
        accept(open);
        while (at < text.length() && peek() != close) {
            int before = at;
            labelled();
            TypeText one = union();
            boolean none = one == null && NOTHING.contains(text.substring(before, at).strip());
            found.add(one != null ? one : TypeText.of(none ? "None" : "?"));
            if (!accept(',') && peek() != close) {
                at = Math.max(at, before + 1);
                while (at < text.length() && text.charAt(at) != ',' && text.charAt(at) != close) {
                    at++;
                }
                accept(',');
            }
        }
        accept(close);
        return found;
    }

    /** Passes over {@code name:} before a parameter's type. */
    private void labelled() {
        int before = at;
        String name = name();
        accept('?');
        if (name.isEmpty() || !accept(':')) {
            at = before;
        }
    }

    private String name() {
        skipBlanks();
        int start = at;
        while (at < text.length() && (Character.isJavaIdentifierPart(text.charAt(at)) || text.charAt(at) == '.'
                || text.charAt(at) == '\\' || text.charAt(at) == '*' || text.charAt(at) == '-')) {
            at++;
        }
        String name = text.substring(start, at).replace('\\', '.');
        return name.startsWith(".") ? name.substring(1) : name;
    }

    private char peek() {
        skipBlanks();
        return at < text.length() ? text.charAt(at) : '\0';
    }

    private char next(int ahead) {
        return at + ahead < text.length() ? text.charAt(at + ahead) : '\0';
    }

    private boolean accept(char wanted) {
        if (peek() == wanted) {
            at++;
            return true;
        }
        return false;
    }

    private void skipBlanks() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }
}
