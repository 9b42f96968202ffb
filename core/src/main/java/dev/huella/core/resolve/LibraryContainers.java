package dev.huella.core.resolve;

import com.fasterxml.jackson.databind.JsonNode;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Types of a language's library that keep others, by name. */
public final class LibraryContainers {
    private static final int DEEPEST = 12;
    /** Types that come together without a name. */
    private static final Container TOGETHER = new Container(0, false, true, true);
    private final Map<String, Container> containers = new HashMap<>();
    private final boolean fullNames;

    /** {@code fullNames}: types of the library are known by their qualified names. */
    LibraryContainers(boolean fullNames) {
        this.fullNames = fullNames;
    }

    /** What a data file says of containers. */
    void add(JsonNode data) {
        data.properties()
                .forEach(entry -> containers.put(entry.getKey(),
                        new Container(entry.getValue().path("element").asInt(),
                                entry.getValue().path("optional").asBoolean(),
                                entry.getValue().path("single").asBoolean(),
                                entry.getValue().path("anyOwn").asBoolean())));
    }

    /**
     * A type that keeps others.
     *
     * @param element which type argument is what it keeps
     * @param optional it keeps one or none
     * @param single it keeps exactly one
     * @param anyOwn rather than that argument, the first that is a type of the code base: of several things that are kept
     *     together, the one that matters
     */
    public record Container(int element, boolean optional, boolean single, boolean anyOwn) {
        TypeUse kept(List<TypeUse> arguments) {
            TypeUse own = !anyOwn
                    ? null
                    : arguments.stream()
                            .filter(argument -> argument.type() != null && !argument.type().external())
                            .findFirst()
                            .orElse(null);
            return own != null ? own : element < arguments.size() ? arguments.get(element) : TypeUse.UNKNOWN;
        }
    }

    /** A container met in use, with the type of what it keeps. */
    public record Kept(Container kind, TypeUse element) {}

    /** True for the name of a container of the library. */
    boolean knows(String name) {
        return containers.containsKey(name);
    }

    /**
     * How a type keeps others, or null when it is no container. Subtypes of containers are containers, but for those
     * that are made of their own like, as a path is of paths, and those of the library that only use one for their work.
     */
    Kept of(TypeUse use) {
        if (use.type() == null) {
            boolean together = use.variable() == null && !use.arguments().isEmpty();
            return together ? new Kept(TOGETHER, TOGETHER.kept(use.arguments())) : null;
        }
        Kept kept = onlyUsesOne(use.type()) ? null : of(use, 0);
        return kept == null || kept.element().type() == use.type() && kept.element().equals(use) ? null : kept;
    }

    private boolean onlyUsesOne(CodeType type) {
        return fullNames && type.external() && type.qualifiedName().startsWith("java")
                && !type.namespace().startsWith("java.util") && type.variables().isEmpty()
                && !knows(type.qualifiedName()) && !knows(type.name());
    }

    private Kept of(TypeUse use, int depth) {
        boolean ownName = !use.type().external() && use.type().namespace().isEmpty(); // that only happens to be the same
        Container kind = ownName ? null : containers.get(use.type().qualifiedName());
        if (kind == null && use.type().external() && (!fullNames || !use.type().qualifiedName().startsWith("java"))) {
            kind = containers.get(use.type().name());
        }
        if (kind != null) {
            return new Kept(kind, kind.kept(use.arguments()));
        }
        if (depth < DEEPEST && !use.type().supertypes().isEmpty()) {
            Map<TypeVariable, TypeUse> bindings = Supertypes.bindings(use);
            for (TypeUse above : use.type().supertypes()) {
                Kept kept = above.type() == null ? null : of(above.substitute(bindings), depth + 1);
                if (kept != null) {
                    return kept;
                }
            }
        }
        return null;
    }
}
