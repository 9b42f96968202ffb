package dev.huella.core.facts;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A type as written at one place, with its arguments. Meaning is given by {@code resolve}.
 *
 * @param name as written, dots included; {@code ?} for an open wildcard
 * @param dimensions how many pairs of array brackets follow
 * @param written the text in the code where it differs from what is made of the other parts, else null
 */
public record TypeText(String name, List<TypeText> arguments, int dimensions, String written) {
    /** Stands as the name of a function's type; its arguments are those of the parameters, then that of the result. */
    public static final String FUNCTION = "->";

    /** Stands as the name of several types that come together; they are its arguments. */
    public static final String TOGETHER = "(,)";

    /** Stands as the name of several types of which a value has one; they are its arguments. */
    public static final String EITHER = "|";

    private static final Pattern NAME = Pattern.compile("\\.?\\p{javaJavaIdentifierStart}");

    /** Of a variable: whatever type its value has, of which it is a copy. */
    public static final TypeText COPIED = of("auto");

    /** Stands between a name and the number of its type arguments where these are not told; no name in code has it. */
    public static final char COUNT = '\u001e';

    public TypeText {
        arguments = List.copyOf(arguments);
    }

    /** A type that is shown as it is made of its parts. */
    public TypeText(String name, List<TypeText> arguments, int dimensions) {
        this(name, arguments, dimensions, null);
    }

    /** The same type, shown as it stands in the code; null for null. */
    public static TypeText as(TypeText type, String text) {
        String plain = text.strip().replaceAll("\\s+", " ");
        return type == null || plain.isEmpty() || type.toString().equals(plain)
                ? type
                : new TypeText(type.name, type.arguments, type.dimensions, plain);
    }

    public static TypeText of(String name) {
        return new TypeText(name, List.of(), 0);
    }

    /** A function's type. {@code result} is null when it gives nothing back. */
    public static TypeText function(List<TypeText> parameters, TypeText result) {
        List<TypeText> all = new java.util.ArrayList<>(parameters);
        all.add(result == null ? of("void") : result);
        return new TypeText(FUNCTION, all, 0);
    }

    /** Several types that come together; what is not known is left open. */
    public static TypeText together(List<TypeText> types) {
        return new TypeText(TOGETHER, types.stream().map(type -> type == null ? of("?") : type).toList(), 0);
    }

    /** Whichever of several types it turns out to be. */
    public static TypeText either(List<TypeText> types) {
        return new TypeText(EITHER, types, 0);
    }

    /**
     * Whichever it turns out to be of those that are neither plain nor functions; null when there is none, or one of
     * them has no name of its own.
     *
     * @param plain what the language calls its plain values
     */
    public static TypeText oneOf(List<TypeText> types, Set<String> plain) {
        List<TypeText> objects = types.stream()
                .filter(one -> !one.isFunction() && !plain.contains(one.name()))
                .toList();
        boolean named = !objects.isEmpty() && objects.stream().allMatch(TypeText::isNamed);
        return !named ? null : objects.size() == 1 ? objects.getFirst() : either(objects);
    }

    /** True for one thing that the code calls by a name. */
    public boolean isNamed() {
        return dimensions == 0 && !isFunction() && NAME.matcher(name).lookingAt();
    }

    /** A type whose value may be missing. */
    public static TypeText optional(TypeText type) {
        return type == null || type.isOptional() ? type : new TypeText("?", List.of(type), 0);
    }

    /** The number of type arguments at the end of a name; 0 when it tells none. */
    public static int counted(String name) {
        String count = name.substring(name.lastIndexOf(COUNT) + 1);
        return count.length() < name.length() && count.matches("\\d{1,3}") ? Integer.parseInt(count) : 0;
    }

    public boolean isFunction() {
        return name.equals(FUNCTION);
    }

    public boolean isOptional() {
        return name.equals("?") && arguments.size() == 1 && dimensions == 0;
    }

    /** The same with some names left open. */
    public TypeText leaving(Collection<String> open) {
        return open.contains(name)
                ? new TypeText("?", List.of(), dimensions)
                : new TypeText(name, arguments.stream().map(one -> one.leaving(open)).toList(), dimensions);
    }

    /** The type without the mark that its value may be missing. */
    public TypeText present() {
        return isOptional() ? arguments.getFirst() : this;
    }

    /** The same type with more array brackets. */
    public TypeText array(int more) {
        return more == 0
                ? this
                : isOptional() ? present().array(more) : new TypeText(name, arguments, dimensions + more);
    }

    @Override
    public String toString() {
        if (written != null) {
            return written;
        }
        if (isOptional()) {
            return arguments.getFirst() + "?";
        }
        if (isFunction() && !arguments.isEmpty()) {
            String given = String.join(", ",
                    arguments.stream().limit(arguments.size() - 1L).map(TypeText::toString).toList());
            return "(" + given + ") -> " + arguments.getLast() + "[]".repeat(dimensions);
        }
        if (name.equals(TOGETHER)) {
            return "(" + String.join(", ", arguments.stream().map(TypeText::toString).toList()) + ")"
                    + "[]".repeat(dimensions);
        }
        if (name.equals(EITHER)) {
            String either = String.join(" | ", arguments.stream().map(TypeText::toString).toList());
            return dimensions == 0 ? either : "(" + either + ")" + "[]".repeat(dimensions);
        }
        var text = new StringBuilder(name);
        if (!arguments.isEmpty()) {
            text.append('<').append(String.join(", ", arguments.stream().map(TypeText::toString).toList())).append('>');
        }
        return text.append("[]".repeat(dimensions)).toString();
    }
}
