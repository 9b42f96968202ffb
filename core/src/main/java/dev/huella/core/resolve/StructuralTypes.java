package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.stream.Stream;

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
            types.stream().filter(StructuralTypes::isTelling).forEach(wanted -> resolver.realised(wanted, types));
        }
    }

    /** True for a type that is the wanted one, or realises it by its shape where the language asks for no more. */
    static boolean satisfies(Resolution world, CodeType type, CodeType wanted) {
        if (world.library.rule(Rule.MODULES)) {
            new StructuralTypes(world).meets(wanted, type);
        }
        return world.supertypes.isA(type, wanted);
    }

    /** The only one of these protocols that all the types satisfy, which from then on realise it; null when there is none. */
    static CodeType inCommon(Resolution world, List<CodeType> types, List<CodeType> protocols) {
        var resolver = new StructuralTypes(world);
        List<CodeType> fitting = protocols.stream()
                .filter(wanted -> types.stream().allMatch(type -> resolver.fits(wanted, type)))
                .toList();
        if (fitting.size() != 1) {
            return null;
        }
        types.forEach(type -> resolver.meets(fitting.getFirst(), type));
        return fitting.getFirst();
    }

    /** A type that is there to be satisfied by shape, and asks for so much that nothing has it by chance. */
    private static boolean isTelling(CodeType type) {
        return type.kind() == TypeKind.PROTOCOL && !type.shape()
                && (asked(type).count() > 1
                        || asked(type).anyMatch(operation -> operation.parameters().size() > 1 || takesOwn(operation)));
    }

    /** What takes a type that only this code has is nothing by chance either. */
    private static boolean takesOwn(Operation operation) {
        return operation.parameters().stream().map(one -> one.type().type()).anyMatch(StructuralTypes::isOwn);
    }

    private static boolean isOwn(CodeType type) {
        return type != null && !type.external() && !type.shape();
    }

    private static Stream<Operation> asked(CodeType type) {
        return type.operations().stream().filter(Operation::isAbstract);
    }

    private void realised(CodeType wanted, List<CodeType> types) {
        for (CodeType type : types) {
            if (type.kind() == TypeKind.CLASS && asked(wanted).allMatch(operation -> hasAlike(type, operation))) {
                meets(wanted, type);
            }
        }
    }

    private boolean hasAlike(CodeType type, Operation wanted) {
        return type.operations()
                .stream()
                .anyMatch(own -> own.name().equals(wanted.name()) && names(own).equals(names(wanted))
                        && (wanted.parameters().size() != 1 || !takesOwn(wanted) || takesTheSame(own, wanted)));
    }

    private static boolean takesTheSame(Operation own, Operation wanted) {
        return own.parameters().getFirst().type().type() == wanted.parameters().getFirst().type().type();
    }

    private static List<String> names(Operation operation) {
        return operation.parameters().stream().map(Operation.Parameter::name).toList();
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
        if (asked.dimensions() > 0 || given.type().dimensions() > 0) {
            return;
        }
        meets(asked.type(), given.type().type());
        for (Origin origin : given.origins()) {
            if (origin instanceof Origin.Fresh(CodeType made)) {
                meets(asked.type(), made);
            }
        }
    }

    private void meets(CodeType wanted, CodeType type) {
        if (wanted == null || type == null || wanted.external() || type.external() || wanted.shape()
                || wanted.kind() != TypeKind.INTERFACE && wanted.kind() != TypeKind.PROTOCOL
                || world.supertypes.isA(type, wanted) || type.kind().promises() || type.kind() == TypeKind.MODULE) {
            return;
        }
        if (fits(wanted, type)) {
            world.supertypes.add(type, TypeUse.of(wanted));
        }
    }

    private boolean fits(CodeType wanted, CodeType type) {
        boolean whole = !wanted.operations().isEmpty()
                && wanted.operations().stream().allMatch(operation -> !operation.isAbstract() || has(type, operation));
        boolean fields = wanted.fields()
                .stream()
                .allMatch(field -> field.isOptional() || hasField(type, field));
        return whole && fields;
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
