package dev.huella.core.model;

import dev.huella.core.source.Problem;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import java.util.function.Function;

/** The resolved code base. Everything in it is in a fixed order: that of the files, then of the text. */
public final class Model {
    private final List<FileRead> files;
    private final List<CodeType> types;
    private final List<CodeType> outside;
    private final List<Relation> relations;
    private final List<Element> elements = new ArrayList<>();
    private final Map<String, CodeType> byName = new HashMap<>();
    private final Map<Class<?>, Derived<?>> derived = new ConcurrentHashMap<>();

    /**
     * A complete model; numbers its elements: types first, then fields, then operations, so that sets of one kind are small.
     *
     * @param types of the sources
     * @param outside types that the sources name, in the order of their names
     * @param touched operations and fields outside that the sources call or override, in a fixed order
     */
    public Model(List<FileRead> files, List<CodeType> types, List<CodeType> outside,
            Collection<? extends Element> touched,
            List<Relation> relations) {
        this.files = List.copyOf(files);
        this.types = List.copyOf(types);
        this.outside = List.copyOf(outside);
        this.relations = List.copyOf(relations);
        Stream.of(this.types, this.outside).flatMap(List::stream).forEach(type -> {
            number(type);
            byName.putIfAbsent(type.qualifiedName(), type);
        });
        this.types.forEach(type -> type.fields().forEach(this::number));
        this.types.forEach(type -> type.operations().forEach(this::number));
        touched.forEach(this::number);
    }

    /** One file as it was read. */
    public record FileRead(String path, String language, int lines, List<Problem> problems) {}

    private void number(Element element) {
        int number = elements.size();
        elements.add(element);
        switch (element) {
            case CodeType type -> type.number(number);
            case Field field -> field.number(number);
            case Operation operation -> operation.number(number);
        }
    }

    public List<FileRead> files() {
        return files;
    }

    /** Types of the sources. */
    public List<CodeType> types() {
        return types;
    }

    /** Types that the code declares: without those made for what functions and untyped values have to offer. */
    public List<CodeType> declared() {
        return types.stream().filter(type -> !type.shape()).toList();
    }

    /** Types outside the sources that they name. */
    public List<CodeType> outside() {
        return outside;
    }

    public List<Relation> relations() {
        return relations;
    }

    /** All elements with a number, in the order of their numbers. */
    public List<Element> elements() {
        return elements;
    }

    public Element element(int id) {
        return elements.get(id);
    }

    /** Null when there is no such type. */
    public CodeType type(String qualifiedName) {
        return byName.get(qualifiedName);
    }

    /** Something worked out from the whole model: one thread does it, once, and all others wait for it. */
    private static final class Derived<T> {
        private T value;

        synchronized T of(Model model, Function<Model, T> from) {
            if (value == null) {
                value = from.apply(model);
            }
            return value;
        }
    }

    /**
     * What is worked out from this model and asked for again and again; kept as long as the model.
     *
     * @param kind what it is kept under; each kind is worked out in one way only
     */
    public <T> T derived(Class<T> kind, Function<Model, T> from) {
        @SuppressWarnings("unchecked") // each kind is kept under its own class
        var known = (Derived<T>) derived.computeIfAbsent(kind, ignored -> new Derived<T>());
        return known.of(this, from);
    }
}
