package dev.huella.core.resolve;

import dev.huella.core.facts.Value.Literal;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads what a branch depends on: which values, and whether it only asks if something is there. */
final class Conditions {
    private static final String PRESENCE = "presence";
    private static final String ABSENCE = "absence";
    static final Set<String> NOT = Set.of("not", "!", "unary_expression", "not_operator");
    private final Body body;
    private final ValueResolver values;
    private final Kinds kinds;

    Conditions(Body body, ValueResolver values) {
        this.body = body;
        this.values = values;
        this.kinds = values.kinds();
    }

    /**
     * What a condition asks.
     *
     * @param bindings variables that hold when it does
     * @param value as written; null for none
     */
    record Condition(List<Flow> about, Kind kind, List<Binding> bindings, Value value) {
        static final Condition NONE = new Condition(List.of(), Kind.BRANCH, List.of(), null);
    }

    /** A variable that a test of kind brings. */
    record Binding(String name, Flow flow) {}

    Condition read(Value value) {
        List<Flow> outer = body.touched;
        body.touched = new ArrayList<>();
        Flow whole = values.flow(value);
        List<Flow> about = body.touched.isEmpty() ? List.of(whole) : List.copyOf(body.touched);
        body.touched = outer;
        List<Binding> bindings = new ArrayList<>();
        collect(value, bindings);
        return new Condition(about, kind(value, whole), bindings, value);
    }

    /** Brings the variables of a condition into sight. */
    void bind(Condition condition) {
        condition.bindings()
                .forEach(binding -> body.scope.declare(binding.name(), binding.flow(), binding.flow().type()));
    }

    /** Case labels: kinds bind their variable, other values are only looked at. */
    void labels(List<Value> labels) {
        for (Value label : labels) {
            if (label instanceof Value.KindTest
                    || label instanceof Value.Computed parts && ValueResolver.isBoth(parts)) {
                Flow tested = values.flow(label);
                List<Binding> bindings = new ArrayList<>();
                collect(label, bindings);
                bind(new Condition(List.of(tested), Kind.BRANCH, bindings, label));
            }
        }
        if (labels.size() == 1) {
            kinds.know(labels.getFirst(), true);
        }
    }

    /** Takes what was asked for what it was found to be. {@code holds}: in the branch where the condition does. */
    void know(Condition condition, boolean holds) {
        kinds.know(condition.value(), holds);
    }

    private void collect(Value value, List<Binding> bindings) {
        switch (value) {
            case Value.KindTest test when test.binding() != null -> {
                Flow bound = values.quietly(test.value());
                bindings.add(new Binding(test.binding(), test.type() == null
                        ? bound
                        : bound.as(body.use(test.type(), Mention.Kind.KIND_TEST, test.at()))));
            }
            case Value.Computed computed -> computed.parts().forEach(part -> collect(part, bindings));
            default -> {
                // nothing else binds
            }
        }
    }

    private Kind kind(Value value, Flow whole) {
        return switch (value) {
            case Value.Same same when isNull(same.left()) || isNull(same.right()) ->
                same.negated() ? Kind.PRESENCE : Kind.ABSENCE;
            case Value.Call call when body.world.library.lists(PRESENCE, call.name()) -> Kind.PRESENCE;
            case Value.Call call when body.world.library.lists(ABSENCE, call.name())
                    || body.world.library.lists("emptiness", call.name()) ->
                Kind.ABSENCE;
            case Value.Name _, Value.Member _ when truthy(whole, value) -> Kind.PRESENCE;
            case Value.Computed not when NOT.contains(not.sign()) && not.parts().size() == 1 ->
                negated(kind(not.parts().getFirst(), plain(not.parts().getFirst())));
            default -> Kind.BRANCH;
        };
    }

    /** Names are quickly looked at again; nothing else is asked for its type. */
    private Flow plain(Value value) {
        return value instanceof Value.Name || value instanceof Value.Member ? values.quietly(value) : Flow.UNKNOWN;
    }

    private static Kind negated(Kind kind) {
        return switch (kind) {
            case PRESENCE -> Kind.ABSENCE;
            case ABSENCE -> Kind.PRESENCE;
            default -> Kind.BRANCH;
        };
    }

    /** Where anything may be tested alone, testing an object asks whether it is there. */
    private boolean truthy(Flow flow, Value value) {
        boolean object = body.world.library.rule(Rule.TRUTHY) && (flow.type().erased() != null
                || flow.type().dimensions() > 0);
        if (object) {
            noteAbsence(value, flow, body);
        }
        return object;
    }

    static boolean isNull(Value value) {
        return value instanceof Literal literal && literal.kind() == Literal.Kind.NULL;
    }

    /**
     * Notes the test when a comparison or call asks whether something is there. What was taken for a more special kind
     * than its place is typed to is there when it is of that kind.
     */
    static void noteAbsence(Value value, Flow tested, Body body) {
        CodeType taken = tested.type().dimensions() > 0 ? null : tested.type().type();
        CodeType typed = taken == null || taken.external() ? null : typed(tested.first());
        body.add(typed != null && typed != taken && body.world.supertypes.isA(taken, typed)
                ? new Deed.AsksKind(tested, taken, body.setting, value.at())
                : new Deed.TestsAbsence(tested, body.setting, value.at()));
    }

    private static CodeType typed(Origin origin) {
        return switch (origin) {
            case Origin.OfParameter(Operation of, int index) when index < of.parameters().size() ->
                of.parameters().get(index).type().type();
            case Origin.OfField(Field field, boolean _) -> field.type().type();
            case Origin.Result(Operation callee, Origin _) when callee != null -> callee.returns().type();
            default -> null;
        };
    }

    /** True for an operation that tells whether something is there; whether there is something in it is another question. */
    static boolean asksPresence(LibraryKnowledge library, String operation) {
        return library.lists(PRESENCE, operation) || library.lists(ABSENCE, operation);
    }
}
