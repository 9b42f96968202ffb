package dev.huella.core.facts;

import java.util.List;

/**
 * A type as written at one place, with its arguments. Meaning is given by {@code resolve}.
 *
 * @param name as written, dots included; {@code ?} for an open wildcard
 * @param dimensions how many pairs of array brackets follow
 */
public record TypeText(String name, List<TypeText> arguments, int dimensions) {
    public TypeText {
        arguments = List.copyOf(arguments);
    }

    public static TypeText of(String name) {
        return new TypeText(name, List.of(), 0);
    }

    /** The same type with more array brackets. */
    public TypeText array(int more) {
        return more == 0 ? this : new TypeText(name, arguments, dimensions + more);
    }

    @Override
    public String toString() {
        var text = new StringBuilder(name);
        if (!arguments.isEmpty()) {
            text.append('<').append(String.join(", ", arguments.stream().map(TypeText::toString).toList())).append('>');
        }
        return text.append("[]".repeat(dimensions)).toString();
    }
}
