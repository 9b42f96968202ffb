package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Places that ask for the same operations, and to which some of the same types come, ask for one kind of object: their
 * shapes become one, which all that come to any of them have.
 */
final class ShapeUnion {
    private final Resolution world;
    private final Map<CodeType, CodeType> into = new LinkedHashMap<>();

    private ShapeUnion(Resolution world) {
        this.world = world;
    }

    static void resolve(Resolution world, List<CodeType> types) {
        var union = new ShapeUnion(world);
        union.find(types);
        if (!union.into.isEmpty()) {
            types.forEach(union::rewrite);
        }
    }

    private void find(List<CodeType> types) {
        Map<Set<String>, Map<CodeType, Set<CodeType>>> byAsked = new LinkedHashMap<>();
        for (CodeType type : types) {
            for (TypeUse use : type.supertypes()) {
                CodeType shape = use.type();
                if (shape != null && shape.shape() && shape.kind() == TypeKind.PROTOCOL) {
                    byAsked.computeIfAbsent(asked(shape), key -> new LinkedHashMap<>())
                            .computeIfAbsent(shape, key -> new LinkedHashSet<>())
                            .add(type);
                }
            }
        }
        byAsked.remove(Set.of());
        byAsked.values().forEach(this::unite);
    }

    private static Set<String> asked(CodeType shape) {
        Set<String> names = new LinkedHashSet<>();
        shape.operations().forEach(operation -> names.add(operation.name()));
        return names;
    }

    private void unite(Map<CodeType, Set<CodeType>> realised) {
        List<CodeType> left = new ArrayList<>(realised.keySet());
        while (left.size() > 1) {
            CodeType first = left.removeFirst();
            Set<CodeType> all = realised.get(first);
            boolean more = true;
            while (more) {
                more = left.removeIf(other -> {
                    boolean meets = realised.get(other).stream().anyMatch(all::contains);
                    if (meets) {
                        all.addAll(realised.get(other));
                        into.put(other, first);
                    }
                    return meets;
                });
            }
        }
    }

    private void rewrite(CodeType type) {
        List<TypeUse> above = type.supertypes();
        if (above.stream().anyMatch(use -> into.containsKey(use.type()))) {
            world.supertypes.replace(type, above.stream().map(this::united).distinct().toList());
        }
        for (Field field : type.fields()) {
            if (!united(field.type()).equals(field.type())) {
                field.inferred(united(field.type()));
            }
        }
        for (Operation operation : type.operations()) {
            List<Parameter> parameters = operation.parameters()
                    .stream()
                    .map(one -> new Parameter(one.name(), united(one.type()), one.optional(), one.inferred()))
                    .toList();
            operation.signature(operation.variables(), parameters, united(operation.returns()));
        }
    }

    private TypeUse united(TypeUse use) {
        CodeType now = into.get(use.type());
        if (now == null && use.arguments().stream().allMatch(one -> united(one) == one)) {
            return use;
        }
        return new TypeUse(use.text(), now == null ? use.type() : now, use.variable(),
                use.arguments().stream().map(this::united).toList(), use.dimensions());
    }
}
