package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Finds members by name in a type and all above it. Tables by name are made once for each type asked. */
final class Members {
    private final Supertypes supertypes;
    private final TypeIndex index;
    private final Map<CodeType, Map<String, List<Operation>>> operations = new ConcurrentHashMap<>();
    private final Map<CodeType, Operation[]> single = new ConcurrentHashMap<>();

    Members(Supertypes supertypes, TypeIndex index) {
        this.supertypes = supertypes;
        this.index = index;
    }

    /** Operations of that name, the type's own first, then those above that do something, then promises, nearest first. */
    List<Operation> operations(CodeType type, String name) {
        List<Operation> own = own(type).getOrDefault(name, List.of());
        List<Operation> found = own;
        List<Operation> promised = List.of();
        for (CodeType above : supertypes.above(type)) {
            for (Operation more : own(above).getOrDefault(name, List.of())) {
                if (more.hasBody() || above.external()) {
                    found = found == own ? new ArrayList<>(own) : found;
                    found.add(more);
                } else {
                    promised = promised.isEmpty() ? new ArrayList<>() : promised;
                    promised.add(more);
                }
            }
        }
        if (!promised.isEmpty()) {
            found = found == own ? new ArrayList<>(own) : found;
            found.addAll(promised);
        }
        for (CodeType more : type.external() ? index.addedTo(type.name()) : List.<CodeType>of()) {
            if (found.isEmpty()) {
                found = own(more).getOrDefault(name, List.of());
            }
        }
        if (!found.isEmpty()) {
            return found;
        }
        if (type.kind() == TypeKind.ENUM && !index.library().enumRoot().isEmpty()) {
            CodeType base = index.qualified(index.library().enumRoot());
            found = base == null ? List.of() : own(base).getOrDefault(name, List.of());
        }
        CodeType root = index.library().root().isEmpty() ? null : index.qualified(index.library().root());
        return found.isEmpty() && root != null ? own(root).getOrDefault(name, List.of()) : found;
    }

    private Map<String, List<Operation>> own(CodeType type) {
        Map<String, List<Operation>> table = operations.get(type);
        if (table == null) {
            table = new HashMap<>();
            for (Operation operation : type.operations()) {
                if (operation.kind() == Kind.OPERATION) {
                    boolean sets = operation.modifiers().has(Mark.SETTER);
                    table.computeIfAbsent(sets ? setter(operation.name()) : operation.name(), key -> new ArrayList<>(2))
                            .add(operation);
                }
            }
            if (!type.shape()) { // those of a shape come one by one, as uses are found
                operations.put(type, table);
            }
        }
        return table;
    }

    /** Under which name an operation is found that is meant where a value is given to a member of that name, and nowhere else. */
    static String setter(String name) {
        return name + "=";
    }

    /** The type has more operations than when it was asked last. */
    void changed(CodeType type) {
        operations.remove(type);
    }

    /** The constructors that the type declares. */
    static List<Operation> constructors(CodeType type) {
        return type.operations().stream().filter(Operation::isConstructor).toList();
    }

    /** Null when there is none. */
    Field field(CodeType type, String name) {
        Field own = ownField(type, name);
        if (own != null) {
            return own;
        }
        for (CodeType above : supertypes.above(type)) {
            Field found = ownField(above, name);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** Null when the type itself has none of that name. */
    static Field ownField(CodeType type, String name) {
        for (Field field : type.fields()) {
            if (field.name().equals(name)) {
                return field;
            }
        }
        return null;
    }

    /** The one operation an interface asks for, so that a function can stand for it; null when it asks for more. */
    Operation single(CodeType type) {
        if (type.kind() != TypeKind.INTERFACE && type.kind() != TypeKind.FUNCTION) {
            return null;
        }
        if (type.kind() == TypeKind.FUNCTION) {
            return type.operations().isEmpty() ? null : type.operations().getFirst();
        }
        return single.computeIfAbsent(type, key -> new Operation[]{findSingle(key)})[0];
    }

    private Operation findSingle(CodeType type) {
        Operation found = null;
        List<CodeType> all = new ArrayList<>(List.of(type));
        all.addAll(supertypes.above(type));
        for (CodeType at : all) {
            for (Operation operation : at.operations()) {
                if (!operation.isAbstract() || operation.kind() != Kind.OPERATION || ofObject(operation)
                        || found != null && sameShape(found, operation) || answered(all, at, operation)) {
                    continue;
                }
                if (found != null) {
                    return null;
                }
                found = operation;
            }
        }
        return found;
    }

    private static boolean sameShape(Operation one, Operation other) {
        return one.name().equals(other.name()) && one.parameters().size() == other.parameters().size();
    }

    private static boolean answered(List<CodeType> all, CodeType until, Operation operation) {
        for (CodeType nearer : all) {
            if (nearer == until) {
                return false;
            }
            if (nearer.operations().stream().anyMatch(own -> own.hasBody() && sameShape(own, operation))) {
                return true;
            }
        }
        return false;
    }

    /** Interfaces may repeat what every object has; that asks for nothing. */
    private static boolean ofObject(Operation operation) {
        return switch (operation.name()) {
            case "equals" -> operation.parameters().size() == 1;
            case "hashCode", "toString" -> operation.parameters().isEmpty();
            default -> false;
        };
    }
}
