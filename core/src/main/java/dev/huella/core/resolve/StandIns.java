package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where no type is written, an object that offers exactly what one of its fields offers, and answers by asking that
 * field for the same, can stand in that one's place: both get a shape in common.
 */
final class StandIns {
    private final Resolution world;

    private StandIns(Resolution world) {
        this.world = world;
    }

    /** Looks at types whose bodies were resolved. */
    static void resolve(Resolution world, List<CodeType> types) {
        var standIns = new StandIns(world);
        for (CodeType type : types) {
            for (Field field : type.kind() == TypeKind.CLASS ? type.fields() : List.<Field>of()) {
                CodeType held = field.type().dimensions() > 0 ? null : field.type().type();
                if (held != null && standIns.isOther(type, held)) {
                    standIns.look(type, held);
                }
            }
        }
    }

    private boolean isOther(CodeType type, CodeType held) {
        return held != type && !held.external() && !held.shape() && !held.kind().promises()
                && held.kind() != TypeKind.MODULE && !world.supertypes.isA(type, held)
                && !world.supertypes.isA(held, type)
                && world.supertypes.above(type).stream().noneMatch(above -> world.supertypes.isA(held, above));
    }

    private void look(CodeType type, CodeType held) {
        Map<String, Operation> offered = open(held);
        Map<String, Operation> own = open(type);
        Set<String> names = offered.keySet();
        if (names.isEmpty() || !own.keySet().equals(names)) {
            return;
        }
        long passed = own.values().stream().filter(operation -> passesOn(operation, held)).count();
        if (passed >= 2 || passed == 1 && names.size() == 1 && hands(own.values().iterator().next(), held)) {
            CodeType shape = Shapes.of(held.name(), type, type.place(), TypeKind.PROTOCOL);
            offered.values()
                    .forEach(operation -> shape.add(Shapes.promised(shape, operation.name(), operation.parameters(),
                            operation.returns())));
            world.slots.add(shape);
            world.supertypes.add(type, TypeUse.of(shape));
            world.supertypes.add(held, TypeUse.of(shape));
        }
    }

    private Map<String, Operation> open(CodeType type) {
        Map<String, Operation> found = new LinkedHashMap<>();
        for (Operation operation : type.operations()) {
            if (operation.kind() == Kind.OPERATION && !operation.isStatic()
                    && operation.modifiers().visibility() == Visibility.PUBLIC) {
                found.putIfAbsent(operation.name(), operation);
            }
        }
        return found;
    }

    private static boolean passesOn(Operation operation, CodeType held) {
        return operation.deeds().stream().anyMatch(deed -> isSame(deed, operation, held));
    }

    private static boolean isSame(Deed deed, Operation operation, CodeType held) {
        return deed instanceof Deed.Calls calls && calls.name().equals(operation.name()) && calls.callee() != null
                && calls.callee().home() == held;
    }

    /** The only operation there is takes or gives something, which makes chance less likely. */
    private static boolean hands(Operation operation, CodeType held) {
        return !operation.parameters().isEmpty() || operation.deeds()
                .stream()
                .anyMatch(deed -> isSame(deed, operation, held) && deed instanceof Deed.Calls calls && calls.used());
    }
}
