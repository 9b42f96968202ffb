package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A name of an operation that the code puts together when it runs: what is fixed of it, and a star for the rest. */
final class BuiltName {
    private BuiltName() {}

    static boolean is(String name) {
        return name.indexOf('*') >= 0 && name.length() > 2;
    }

    /** True when the name may come out as the other. */
    static boolean matches(String name, String other) {
        int star = name.indexOf('*');
        String end = name.substring(name.lastIndexOf('*') + 1);
        return other.length() >= star + end.length() && other.startsWith(name.substring(0, star))
                && other.endsWith(end);
    }

    /** Operations of a type and those above whose names it may come out as; of one name the nearest. */
    static List<Operation> operations(CodeType type, String name, Supertypes supertypes) {
        Map<String, Operation> found = new LinkedHashMap<>();
        List<CodeType> all = new ArrayList<>(List.of(type));
        all.addAll(supertypes.above(type));
        for (CodeType one : all) {
            for (Operation operation : one.operations()) {
                if (operation.kind() == Kind.OPERATION && matches(name, operation.name())) {
                    found.putIfAbsent(operation.name(), operation);
                }
            }
        }
        return List.copyOf(found.values());
    }
}
