package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** All types by qualified name: those of the sources first, then known libraries, then bare names from outside. */
final class TypeIndex {
    private final Map<String, CodeType> sources = new HashMap<>();
    private final LibraryTypes library = new LibraryTypes(this);
    private final Map<String, CodeType> bare = new ConcurrentHashMap<>();

    /** The first declaration of a name wins; a second one is kept as a type but not found by name. */
    void declare(CodeType type) {
        sources.putIfAbsent(type.qualifiedName(), type);
    }

    CodeType source(String qualifiedName) {
        return sources.get(qualifiedName);
    }

    /** A type of the sources or of a known library, nested ones included; null when there is none. */
    CodeType qualified(String qualifiedName) {
        CodeType type = sources.get(qualifiedName);
        return type != null ? type : library.find(qualifiedName);
    }

    /** A type of which only the name is known. */
    CodeType outside(String qualifiedName) {
        return bare.computeIfAbsent(qualifiedName, CodeType::named);
    }
}
