package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Operations that some languages run for each type below theirs, or that the types below ask for by way of themselves:
 * the type they are told of stands for all of these.
 */
final class SubtypeHooks {
    private SubtypeHooks() {}

    /** A subtype asks for an operation that it inherits, and that needs no object: there it is the type that is meant. */
    static void note(Operation callee, Flow on, Resolution world) {
        if (world.inferring && callee != null && callee.isStatic() && on.first() instanceof Origin.OfType(CodeType by)
                && by != callee.home() && world.library.rule(Rule.DYNAMIC) && world.supertypes.isA(by, callee.home())) {
            world.bySubtypes.computeIfAbsent(callee, key -> ConcurrentHashMap.newKeySet()).add(by);
        }
    }

    /** The types below where the one that such an operation is told of is put somewhere; else what was given. */
    static Flow spread(Flow given, Body body) {
        Operation hook = body.operation;
        Set<CodeType> asking = body.world.bySubtypes.getOrDefault(hook, Set.of());
        boolean forAll = hook.isStatic() && body.world.library.lists("runsForSubtypes", hook.name());
        if (!forAll && asking.isEmpty()) {
            return given;
        }
        boolean told = switch (given.first()) {
            case Origin.OfType(CodeType type) -> type == hook.home();
            case Origin.OfParameter(Operation of, int index) -> of == hook && index == 0
                    && body.world.library.lists("toldOfSubtypes", hook.name());
            default -> false;
        };
        List<Origin> below = new ArrayList<>();
        if (told) {
            body.world.declarer.all()
                    .stream()
                    .filter(declared -> declared.first() && declared.type() != hook.home())
                    .map(declared -> declared.type())
                    .filter(type -> forAll || asking.contains(type))
                    .filter(type -> !type.isAbstract() && body.world.supertypes.isA(type, hook.home()))
                    .forEach(type -> below.add(new Origin.OfType(type)));
        }
        return below.isEmpty() ? given : new Flow(below, given.type());
    }
}
