package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where operations need not be declared, or a base takes itself for the subtype that it is told of, it may ask of itself
 * what only its subtypes have. What it asks is then a promise of the base, with the place where it asks. Asked once
 * bodies were read, before they are read again.
 */
final class HookResolver {
    private final Resolution world;
    private final Map<CodeType, List<CodeType>> below = new LinkedHashMap<>();
    private final Set<CodeType> gained = new LinkedHashSet<>();

    private HookResolver(Resolution world) {
        this.world = world;
    }

    /** Finds what bases ask of others of their own kind. True when there was something new. */
    static boolean resolveOthers(Resolution world, List<CodeType> types) {
        HookResolver hooks = over(world, types);
        types.forEach(type -> List.copyOf(type.operations()).forEach(hooks::lookAtOthers));
        OverrideResolver.resolve(List.copyOf(hooks.gained), world.supertypes);
        return !hooks.gained.isEmpty();
    }

    private static HookResolver over(Resolution world, List<CodeType> types) {
        var hooks = new HookResolver(world);
        for (CodeType type : types) {
            world.supertypes.above(type)
                    .forEach(above -> hooks.below.computeIfAbsent(above, key -> new ArrayList<>()).add(type));
        }
        return hooks;
    }

    static void resolve(Resolution world, List<CodeType> types) {
        HookResolver hooks = over(world, types);
        types.stream().filter(hooks.below::containsKey).filter(hooks::ownsItsBases).forEach(hooks::look);
        OverrideResolver.resolve(List.copyOf(hooks.gained), world.supertypes);
    }

    /** What a base from outside has cannot be seen: what seems to be missing may stand there. */
    private boolean ownsItsBases(CodeType type) {
        return world.supertypes.above(type).stream().noneMatch(CodeType::external);
    }

    private void look(CodeType type) {
        for (Operation operation : List.copyOf(type.operations())) {
            for (Deed deed : operation.isStatic() ? List.<Deed>of() : operation.written()) {
                if (deed instanceof Deed.Calls calls && calls.callee() == null
                        && (world.library.rule(Rule.DYNAMIC) || calls.receiver().type().variable() != null)
                        && calls.receiver().first() instanceof Origin.Self(CodeType of) && of == type) {
                    asked(type, calls);
                }
            }
        }
    }

    /** What somebody asks of a base, and each of two or more that stand below declares. */
    private void lookAtOthers(Operation operation) {
        for (Deed deed : operation.written()) {
            CodeType base = deed instanceof Deed.Calls calls && calls.callee() == null
                    && calls.receiver().type().dimensions() == 0 ? calls.receiver().type().type() : null;
            List<CodeType> subtypes = base == null || base.external() || base.shape()
                    ? List.of()
                    : below.getOrDefault(base, List.of());
            if (subtypes.size() > 1 && ownsItsBases(base) && deed instanceof Deed.Calls calls && subtypes.stream()
                    .allMatch(sub -> sub.operations()
                            .stream()
                            .anyMatch(own -> own.name().equals(calls.name()) && !own.isStatic()
                                    && own.kind() == Kind.OPERATION))) {
                asked(base, calls);
            }
        }
    }

    private void asked(CodeType type, Deed.Calls calls) {
        Map<String, Operation> supplied = new LinkedHashMap<>();
        for (CodeType sub : below.get(type)) {
            for (Operation operation : sub.operations()) {
                boolean named = BuiltName.is(calls.name())
                        ? BuiltName.matches(calls.name(), operation.name())
                        : operation.name().equals(calls.name());
                if (named && operation.kind() == Kind.OPERATION && !operation.isStatic()
                        && world.members.operations(type, operation.name()).isEmpty()
                        && world.members.field(type, operation.name()) == null) {
                    supplied.putIfAbsent(operation.name(), operation);
                    gained.add(sub);
                }
            }
        }
        supplied.values().forEach(operation -> promise(type, operation, calls));
    }

    private void promise(CodeType type, Operation supplied, Deed.Calls calls) {
        var hook = new Operation(type, supplied.name(), Kind.OPERATION,
                Modifiers.of(Visibility.PROTECTED, Mark.ABSTRACT), false, calls.at());
        List<Parameter> parameters = supplied.parameters()
                .stream()
                .map(one -> new Parameter(one.name(), TypeUse.UNKNOWN, one.optional()))
                .toList();
        hook.signature(List.of(), parameters, TypeUse.UNKNOWN);
        hook.onlyAskedFor();
        type.add(hook);
        world.members.changed(type);
    }
}
