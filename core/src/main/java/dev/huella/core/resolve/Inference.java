package dev.huella.core.resolve;

import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.Map;

/** Works out what type variables stand for from the values given. */
final class Inference {
    private Inference() {}

    /** Adds to {@code bindings} what follows from a value of type {@code given} where {@code declared} is asked for. */
    static void bind(TypeUse declared, TypeUse given, Map<TypeVariable, TypeUse> bindings, Supertypes supertypes) {
        if (given.isUnknown()) {
            return;
        }
        if (declared.variable() != null) {
            TypeUse element = declared.dimensions() > 0 && given.dimensions() > 0 ? given.element() : given;
            bindings.putIfAbsent(declared.variable(), element);
            return;
        }
        if (declared.type() == null || declared.arguments().isEmpty()) {
            return;
        }
        TypeUse seen = supertypes.as(given, declared.type());
        if (seen == null) {
            return;
        }
        for (int i = 0; i < Math.min(declared.arguments().size(), seen.arguments().size()); i++) {
            bind(declared.arguments().get(i), seen.arguments().get(i), bindings, supertypes);
        }
    }
}
