package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** Types that satisfy an interface by their shape realise it where one of them is given where it is asked for. */
final class StructuralTypes {
    private final Resolution world;

    private StructuralTypes(Resolution world) {
        this.world = world;
    }

    static void resolve(Resolution world, List<CodeType> types) {
        if (world.library.rule(Rule.MODULES)) {
            var resolver = new StructuralTypes(world);
            types.forEach(type -> type.operations().forEach(resolver::given));
        }
    }

    private void given(Operation operation) {
        for (Deed deed : operation.deeds()) {
            switch (deed) {
                case Deed.Calls calls -> arguments(calls.callee(), calls.arguments());
                case Deed.Creates creates -> arguments(creates.constructor(), creates.arguments());
                case Deed.Sets sets -> meets(sets.field().type(), sets.value());
                case Deed.Returns returns when returns.value() != null -> meets(operation.returns(), returns.value());
                case Deed.Stores stores when stores.container().type().dimensions() > 0 ->
                    meets(stores.container().type().element(), stores.value());
                default -> {
                    // nothing is given
                }
            }
        }
    }

    private void arguments(Operation callee, List<Flow> arguments) {
        for (int i = 0; callee != null && i < Math.min(arguments.size(), callee.parameters().size()); i++) {
            meets(callee.parameters().get(i).type(), arguments.get(i));
        }
    }

    private void meets(TypeUse asked, Flow given) {
        CodeType wanted = asked.dimensions() > 0 ? null : asked.type();
        CodeType type = given.type().dimensions() > 0 ? null : given.type().type();
        if (wanted == null || type == null || wanted.external() || type.external() || wanted.shape()
                || wanted.kind() != TypeKind.INTERFACE && wanted.kind() != TypeKind.PROTOCOL
                || world.supertypes.isA(type, wanted) || type.kind().promises() || type.kind() == TypeKind.MODULE) {
            return;
        }
        boolean whole = !wanted.operations().isEmpty()
                && wanted.operations().stream().allMatch(operation -> !operation.isAbstract() || has(type, operation));
        boolean fields = wanted.fields()
                .stream()
                .allMatch(field -> field.isOptional() || hasField(type, field));
        if (whole && fields) {
            world.supertypes.add(type, TypeUse.of(wanted));
        }
    }

    private boolean has(CodeType type, Operation wanted) {
        return world.members.operations(type, wanted.name())
                .stream()
                .anyMatch(own -> own.parameters().stream().filter(one -> !one.optional()).count() <= wanted.parameters()
                        .size());
    }

    private boolean hasField(CodeType type, Field wanted) {
        return world.members.field(type, wanted.name()) != null
                || !world.members.operations(type, wanted.name()).isEmpty();
    }
}
