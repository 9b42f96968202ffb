package dev.huella.core.model;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A type at one place of use.
 *
 * @param text as written, for showing; empty when it was worked out
 * @param type the type meant; null for primitives, type variables, and what is not known
 * @param variable the type variable meant, or null
 * @param dimensions pairs of array brackets
 */
public record TypeUse(String text, CodeType type, TypeVariable variable, List<TypeUse> arguments, int dimensions) {
    public static final TypeUse UNKNOWN = new TypeUse("", null, null, List.of(), 0);
    private static final Set<String> NOTHING = Set.of("void", "Void", "Unit", "None");
    /** What comes later, by the names that languages and libraries give it. */
    private static final Set<String> LATER = Set.of("Task", "ValueTask", "Promise", "CompletableFuture",
            "CompletionStage", "Future", "Deferred", "Mono");

    public TypeUse {
        arguments = List.copyOf(arguments);
    }

    public static TypeUse of(CodeType type) {
        return new TypeUse(type.name(), type, null, List.of(), 0);
    }

    public static TypeUse of(CodeType type, List<TypeUse> arguments) {
        return new TypeUse(type.name(), type, null, arguments, 0);
    }

    public static TypeUse primitive(String name) {
        return new TypeUse(name, null, null, List.of(), 0);
    }

    /** True when nothing at all is known of it; an array of something unknown is known to be one. */
    public boolean isUnknown() {
        return type == null && variable == null && text.isEmpty() && dimensions == 0;
    }

    /** Nothing, now or later. */
    public boolean isVoid() {
        if (type != null && type.external() && dimensions == 0) {
            return LATER.contains(type.name())
                    ? arguments.stream().allMatch(TypeUse::isVoid)
                    : NOTHING.contains(type.name());
        }
        return type == null && variable == null && dimensions == 0 && NOTHING.contains(text);
    }

    /** What comes later, for those types that only promise it; the type itself for all others. */
    public TypeUse awaited() {
        boolean later = type != null && type.external() && dimensions == 0 && LATER.contains(type.name())
                && arguments.size() == 1 && !arguments.getFirst().isUnknown();
        return later ? arguments.getFirst() : this;
    }

    /** The type meant, or the bound of the variable meant; null when neither is known. Arrays count as their elements. */
    public CodeType erased() {
        if (type != null || variable == null) {
            return type;
        }
        return variable.bounds().isEmpty() ? null : variable.bounds().getFirst().type();
    }

    public TypeUse array(int more) {
        return more == 0 ? this : new TypeUse(text, type, variable, arguments, dimensions + more);
    }

    /** One element of the array; the type itself when it is none. */
    public TypeUse element() {
        return dimensions == 0 ? this : new TypeUse(text, type, variable, arguments, dimensions - 1);
    }

    /** The same type with variables replaced by what they stand for. */
    public TypeUse substitute(Map<TypeVariable, TypeUse> bindings) {
        if (bindings.isEmpty()) {
            return this;
        }
        if (variable != null) {
            TypeUse bound = bindings.get(variable);
            return bound == null ? this : bound.array(dimensions);
        }
        if (arguments.isEmpty()) {
            return this;
        }
        return new TypeUse(text, type, null, arguments.stream().map(argument -> argument.substitute(bindings)).toList(),
                dimensions);
    }
}
