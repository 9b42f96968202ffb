package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Origin;

/** What the code of a type written inside another reaches of the object around it. */
final class Surroundings {
    private Surroundings() {}

    /** True for the object around an inner one, and not for the inner one itself. */
    static boolean isAround(CodeType inner, Origin origin) {
        return origin instanceof Origin.Self(CodeType of) && of != inner && !Hierarchy.isA(inner, of);
    }

    /** An object written inside another reaches its fields like its own. */
    static boolean isAround(CodeType inner, Field field) {
        for (CodeType at = inner.outer(); at != null; at = at.outer()) {
            if (at == field.home()) {
                return !field.isStatic() && !Hierarchy.above(inner).contains(at);
            }
        }
        return false;
    }
}
