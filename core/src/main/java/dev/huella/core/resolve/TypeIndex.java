package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.TypeUse;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** All types by qualified name: those of the sources first, then known libraries, then bare names from outside. */
final class TypeIndex {
    private final Map<String, CodeType> sources = new HashMap<>();
    private final LibraryTypes library = new LibraryTypes(this);
    private final Map<String, CodeType> bare = new ConcurrentHashMap<>();
    private final Map<String, Operation> called = new ConcurrentHashMap<>();

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

    /** True for a type of which only the name is known. */
    boolean isBare(CodeType type) {
        return bare.get(type.qualifiedName()) == type;
    }

    /** An operation that a type known by name only must have, since it is called. One for each name and count. */
    Operation outsideOperation(CodeType type, String name, int parameters) {
        return called.computeIfAbsent(type.qualifiedName() + "." + name + "/" + parameters, key -> {
            var operation = new Operation(type, name, Kind.OPERATION, Modifiers.NONE.with(Visibility.PUBLIC), true,
                    null);
            operation.signature(List.of(), Collections.nCopies(parameters, new Parameter("", TypeUse.UNKNOWN)),
                    TypeUse.UNKNOWN);
            return operation;
        });
    }

    /** Gives types known by name only the operations that are called on them, in the order of their names. */
    void settleOutside() {
        called.entrySet()
                .stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(entry -> entry.getValue().home().add(entry.getValue()));
    }

    /** A type of which only the name is known. */
    CodeType outside(String qualifiedName) {
        return bare.computeIfAbsent(qualifiedName, CodeType::named);
    }
}
