package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.TypeUse;

/**
 * What names and members are known to be because a test found it, in languages that then take them for that. As long as types
 * of places are worked out, all that is asked of a place tells of it, and nothing is taken for more than it was declared as.
 */
final class Kinds {
    private final Body body;
    private final boolean active;
    private boolean some;

    Kinds(Body body) {
        this.body = body;
        this.active = body.world.library.rule(Rule.TESTS_TELL) && !body.world.inferring;
        this.some = active && body.enclosing != null;
    }

    /** Takes what a condition asks for what it was found to be. {@code holds}: the condition does, else it does not. */
    void know(Value condition, boolean holds) {
        if (!active || condition == null) {
            return;
        }
        switch (condition) {
            case Value.KindTest test when holds && test.binding() == null -> {
                String path = path(test.value());
                TypeUse kind = path == null ? TypeUse.UNKNOWN : body.world.names.use(test.type(), body.from);
                if (kind.type() != null) {
                    body.scope.take(path, kind);
                    some = true;
                }
            }
            case Value.Computed not when Conditions.NOT.contains(not.sign()) && not.parts().size() == 1 ->
                know(not.parts().getFirst(), !holds);
            case Value.Computed both when holds && ValueResolver.isBoth(both) ->
                both.parts().forEach(part -> know(part, true));
            case Value.Computed any when !holds && ValueResolver.isAny(any) ->
                any.parts().forEach(part -> know(part, false));
            default -> {
                // tells nothing of kinds
            }
        }
    }

    /** It is given another value, of which nothing was asked. */
    void forget(Value target) {
        String path = some ? path(target) : null;
        if (path != null && !body.scope.kind(path).isUnknown()) {
            body.scope.take(path, TypeUse.UNKNOWN);
        }
    }

    /** The value as what it was found to be, where that is more special than what it was taken for. */
    Flow known(Value value, Flow flow) {
        String path = some ? path(value) : null;
        TypeUse kind = path == null ? TypeUse.UNKNOWN : body.scope.kind(path);
        return kind.isUnknown() || !tellsMore(kind.type(), flow.type()) ? flow : flow.as(kind);
    }

    /** A type of the library says less of what lies in it than what was declared, and a subtype is of the kind anyway. */
    private boolean tellsMore(CodeType kind, TypeUse declared) {
        boolean more = declared.isUnknown() || !kind.external() && declared.dimensions() == 0;
        return more && (declared.type() == null || !body.world.supertypes.isA(declared.type(), kind));
    }

    /** Names only, from a variable or from the object itself; null for all other values. */
    private static String path(Value value) {
        return switch (value) {
            case Value.Name name -> name.name();
            case Value.Self _ -> "this";
            case Value.Member member -> {
                String of = path(member.of());
                yield of == null ? null : of + "." + member.name();
            }
            default -> null;
        };
    }
}
