package dev.huella.core.resolve;

import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Works out what type variables stand for from the values given. */
final class Inference {
    private Inference() {}

    /** What the call's type variables stand for: by its receiver, by its plain arguments, by what is asked of it. */
    static Map<TypeVariable, TypeUse> ofCall(Operation callee, Flow on, List<Flow> plain, TypeUse expected,
            Supertypes supertypes) {
        if (callee == null) {
            return Map.of();
        }
        Map<TypeVariable, TypeUse> bindings = new HashMap<>();
        TypeUse seen = supertypes.as(on.type(), callee.home());
        if (seen != null) {
            bindings.putAll(Supertypes.bindings(seen));
        }
        for (int i = 0; i < Math.min(plain.size(), callee.parameters().size()); i++) {
            if (plain.get(i) != null) {
                bind(callee.parameters().get(i).type(), plain.get(i).type(), bindings, supertypes);
            }
        }
        bind(callee.returns(), expected, bindings, supertypes);
        return bindings;
    }

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

    /** The type with its arguments where the code leaves them to be worked out: {@code new ArrayList<>(others)}. */
    static TypeUse ofArguments(TypeUse written, Operation constructor, List<Flow> plain, TypeUse expected,
            Supertypes supertypes) {
        if (written.type() == null || !written.arguments().isEmpty() || written.type().variables().isEmpty()) {
            return written;
        }
        Map<TypeVariable, TypeUse> bindings = new HashMap<>();
        for (int i = 0; constructor != null && i < Math.min(plain.size(), constructor.parameters().size()); i++) {
            if (plain.get(i) != null) {
                bind(constructor.parameters().get(i).type(), plain.get(i).type(), bindings,
                        supertypes);
            }
        }
        List<TypeUse> variables = written.type()
                .variables()
                .stream()
                .map(variable -> new TypeUse(variable.name(), null, variable, List.of(), 0))
                .toList();
        TypeUse seen = expected.type() == null
                ? null
                : supertypes.as(TypeUse.of(written.type(), variables), expected.type());
        if (seen != null) {
            bind(seen, expected, bindings, supertypes);
        }
        return bindings.isEmpty()
                ? written
                : TypeUse.of(written.type(),
                        variables.stream().map(variable -> variable.substitute(bindings)).toList());
    }
}
