package dev.huella.core.resolve;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.TypeUse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** What is known of a language's library beyond its signatures, from a small data file. Read once. */
public final class LibraryKnowledge {
    private static final LibraryKnowledge JAVA = new LibraryKnowledge("java-library.json");
    private final Map<String, Container> containers = new HashMap<>();
    private final Map<String, Set<String>> words = new HashMap<>();

    private LibraryKnowledge(String resource) {
        try (var in = LibraryKnowledge.class.getResourceAsStream(resource)) {
            JsonNode root = new ObjectMapper().readTree(in);
            root.path("containers")
                    .properties()
                    .forEach(entry -> containers.put(entry.getKey(),
                            new Container(entry.getValue().path("element").asInt(),
                                    entry.getValue().path("optional").asBoolean(),
                                    entry.getValue().path("single").asBoolean())));
            root.properties().forEach(entry -> {
                Set<String> list = new HashSet<>();
                if (entry.getValue().isArray()) {
                    entry.getValue().forEach(word -> list.add(word.asText()));
                }
                words.put(entry.getKey(), list);
            });
        } catch (IOException e) {
            throw new UncheckedIOException(resource + " could not be read", e);
        }
    }

    public static LibraryKnowledge java() {
        return JAVA;
    }

    /**
     * A type that keeps others.
     *
     * @param element which type argument is what it keeps
     * @param optional it keeps one or none
     * @param single it keeps exactly one
     */
    public record Container(int element, boolean optional, boolean single) {}

    /** How a type keeps others, or null when it is no container. Subtypes of containers are containers. */
    public Kept container(TypeUse use) {
        return use.type() == null ? null : container(use, 0);
    }

    /** A container met in use, with the type of what it keeps. */
    public record Kept(Container kind, TypeUse element) {}

    private Kept container(TypeUse use, int depth) {
        Container kind = containers.get(use.type().qualifiedName());
        if (kind != null) {
            TypeUse element = kind.element < use.arguments().size()
                    ? use.arguments().get(kind.element)
                    : TypeUse.UNKNOWN;
            return new Kept(kind, element);
        }
        if (depth < 12 && !use.type().supertypes().isEmpty()) {
            Map<dev.huella.core.model.TypeVariable, TypeUse> bindings = Supertypes.bindings(use);
            for (TypeUse above : use.type().supertypes()) {
                if (above.type() != null) {
                    Kept kept = container(above.substitute(bindings), depth + 1);
                    if (kept != null) {
                        return kept;
                    }
                }
            }
        }
        return null;
    }

    /** True when the operation's name says it adds to a container. */
    public boolean adds(String operation) {
        return words.get("adds").contains(operation);
    }

    public boolean removes(String operation) {
        return words.get("removes").contains(operation);
    }

    /** True when it takes elements out without being told which. */
    public boolean drains(String operation) {
        return words.get("drains").contains(operation);
    }

    /** True when it may change while it is gone through. */
    public boolean copying(CodeType container) {
        return words.get("copying").contains(container.qualifiedName());
    }

    /** True for the language's own protocol of stepping through something. */
    public boolean iterator(CodeType type) {
        return words.get("iterators").contains(type.qualifiedName());
    }

    /** True for operations that give a look at a container rather than a copy of it. */
    public boolean views(String operation) {
        return words.get("views").contains(operation) || operation.startsWith("unmodifiable")
                || operation.startsWith("synchronized");
    }

    /** True for iterators and streams, subtypes included. */
    public boolean stepsThrough(CodeType type) {
        return iterator(type) && !type.qualifiedName().equals("java.lang.Iterable") || type.supertypes()
                .stream()
                .anyMatch(use -> use.type() != null && use.type() != type && stepsThrough(use.type()));
    }

    /** True for values, containers and other types that every program uses and none adapts. */
    public boolean plain(CodeType type) {
        return type.external() && words.get("plain").contains(type.namespace());
    }

    /** True for the error that says an operation is not supported. */
    public boolean unsupported(CodeType error) {
        String name = error.qualifiedName();
        return words.get("unsupported").contains(name) || name.endsWith("NotImplementedException");
    }

    /** True for supertypes that say nothing about what a type is for. */
    public boolean root(CodeType type) {
        return words.get("roots").contains(type.qualifiedName());
    }
}
