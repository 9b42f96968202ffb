package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import java.util.ArrayList;
import java.util.List;

/** Operations that some languages run for each type below theirs: the type they are told of stands for all of these. */
final class SubtypeHooks {
    private SubtypeHooks() {}

    /** The types below where the one that such an operation is told of is put somewhere; else what was given. */
    static Flow spread(Flow given, Body body) {
        Operation hook = body.operation;
        if (!hook.isStatic() || !body.world.library.lists("runsForSubtypes", hook.name())) {
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
                    .filter(type -> !type.isAbstract() && body.world.supertypes.isA(type, hook.home()))
                    .forEach(type -> below.add(new Origin.OfType(type)));
        }
        return below.isEmpty() ? given : new Flow(below, given.type());
    }
}
