package dev.huella.core.project;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import java.util.List;
import java.util.stream.Collectors;

/** Finds the type that a person means by a name. */
final class NamedTypes {
    private final Model model;
    private final String project;

    NamedTypes(Model model, String project) {
        this.model = model;
        this.project = project;
    }

    /**
     * A type by its simple or qualified name, or the end of that. Of several with one name the one with as many type parameters
     * as the name shows is meant, and without any the one that has none.
     *
     * @throws IllegalArgumentException when there is no such type, or several
     */
    CodeType one(String name) {
        String plain = name.replaceAll("<.*", "");
        int parameters = name.length() == plain.length() ? 0 : name.split(",", -1).length;
        List<CodeType> found = among(model.declared(), plain);
        if (found.isEmpty()) {
            found = among(model.outside(), plain);
        }
        List<CodeType> exact = found.stream().filter(type -> type.qualifiedName().equals(plain)).toList();
        List<CodeType> named = exact.isEmpty() ? found : exact;
        List<CodeType> counted = named.stream().filter(type -> type.variables().size() == parameters).toList();
        List<CodeType> meant = named.size() > 1 && !counted.isEmpty() || parameters > 0 ? counted : named;
        if (meant.isEmpty()) {
            throw new IllegalArgumentException(
                    "There is no type %s in %s. Names are as scan prints them.".formatted(name, project));
        }
        if (meant.size() > 1) {
            throw new IllegalArgumentException(severalOf(name, meant));
        }
        return meant.getFirst();
    }

    private static String severalOf(String name, List<CodeType> types) {
        boolean apart = types.stream().map(NamedTypes::shown).distinct().count() == types.size();
        return apart
                ? "There are several types named %s: %s. Give the qualified name."
                        .formatted(name, types.stream().map(NamedTypes::shown).collect(Collectors.joining(", ")))
                : "There are several types named %s: in %s. Give a folder that holds only one of them."
                        .formatted(name, types.stream()
                                .map(type -> type.place() == null ? "a library" : type.place().file())
                                .collect(Collectors.joining(", ")));
    }

    private static String shown(CodeType type) {
        return type.qualifiedName() + (type.variables().isEmpty()
                ? ""
                : type.variables().stream().map(one -> one.name()).collect(Collectors.joining(", ", "<", ">")));
    }

    private static List<CodeType> among(List<CodeType> types, String name) {
        return types.stream()
                .filter(type -> type.name().equals(name) || ("." + type.qualifiedName()).endsWith("." + name))
                .toList();
    }
}
