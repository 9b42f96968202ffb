package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Resolves what a call hands over: functions last, once it is known what is asked of them. */
final class Arguments {
    private final Body body;
    private final ValueResolver values;
    private final FunctionResolver functions;
    private final Holders holders;

    Arguments(Body body, ValueResolver values, FunctionResolver functions, Holders holders) {
        this.body = body;
        this.values = values;
        this.functions = functions;
        this.holders = holders;
    }

    /**
     * What a call does with functions it is given.
     *
     * @param elements what they are called with, one after the other; of type {@code element}
     * @param many how many at a time
     * @param put the type of what is put into the container that is called; unknown when nothing is
     * @param inside the object that they are evaluated inside of; null when they are not
     */
    record Handed(List<Origin> elements, int many, TypeUse element, TypeUse put, Flow inside) {
        static final Handed NOTHING = new Handed(List.of(), 1, TypeUse.UNKNOWN, TypeUse.UNKNOWN, null);

        Handed(List<Origin> elements, int many, TypeUse element, TypeUse put) {
            this(elements, many, element, put, null);
        }

        /** The same, evaluated inside the object that a library's operation is called on, or is told of first. */
        Handed inside(Value.Call call, Flow on, List<Flow> plain, LibraryKnowledge library) {
            Flow object = library.lists("evaluatesIn", call.name())
                    ? on
                    : library.lists("evaluatesInFirst", call.name()) && plain.size() > 1 ? plain.getFirst() : null;
            CodeType type = object == null || object.type().dimensions() > 0 ? null : object.type().type();
            return type == null || type.external() ? this : new Handed(elements, many, element, put, object);
        }
    }

    /** Null for arguments that are functions: they wait until it is known what is asked of them. */
    List<Flow> plain(List<Value> arguments) {
        List<Flow> flows = new ArrayList<>(arguments.size());
        for (Value argument : arguments) {
            Value list = WrittenLists.ofList(argument);
            flows.add(holders.waits(argument) ? null : values.flow(list == null ? argument : list));
        }
        return flows;
    }

    /** The same; of what a call only asks to hold, all that it was worked out from is told. */
    List<Flow> plain(Value.Call call) {
        List<Flow> flows = plain(call.arguments());
        int last = flows.size() - 1;
        if (last >= 0 && WrittenLists.ofList(call.arguments().get(last)) != null
                && body.world.library.adds(call.name()) && values.containers().isContainer(flows.get(last).type())) {
            flows.set(last, values.containers().element(flows.get(last)));
        }
        if (!flows.isEmpty() && flows.getFirst() != null && flows.getFirst().anyOf(Origin.Unknown.class)
                && body.world.library.lists("refuses", call.name())) {
            List<Flow> outer = body.touched;
            body.touched = new ArrayList<>();
            values.quietly(call.arguments().getFirst());
            List<Origin> asked = body.touched.stream().flatMap(one -> one.origins().stream()).distinct().toList();
            body.touched = outer;
            flows.set(0, new Flow(asked, flows.getFirst().type()));
        }
        return flows;
    }

    /** {@code Base.operation(self, more)} hands over no more than the rest. */
    Value.Call withoutSelf(Value.Call call, Flow receiver) {
        boolean told = receiver != null && body.world.library.rule(Rule.SELF_FIRST) && NameResolver.isType(receiver)
                && !call.arguments().isEmpty() && call.arguments().getFirst() instanceof Value.Self
                && receiver.type().type() != null && body.world.supertypes.isA(body.type, receiver.type().type());
        return told
                ? new Value.Call(call.receiver(), call.name(), call.arguments().subList(1, call.arguments().size()),
                        call.at())
                : call;
    }

    static boolean isFunction(Value value) {
        return value instanceof Value.Function || value instanceof Value.Reference
                || value instanceof Value.Labelled labelled && isFunction(labelled.value());
    }

    /** All of them; {@code callee} is null when unknown. */
    List<Flow> resolved(List<Value> written, List<Flow> plain, Operation callee, Map<TypeVariable, TypeUse> bindings,
            Handed handed) {
        List<Flow> all = new ArrayList<>(plain.size());
        for (int i = 0; i < plain.size(); i++) {
            Flow flow = plain.get(i);
            TypeUse declared = callee == null
                    ? TypeUse.UNKNOWN
                    : Labels.parameterType(callee, i, written.get(i));
            declared = declared.isUnknown() && handed.put.type() != null && Shapes.isFunction(handed.put.type())
                    ? handed.put
                    : declared;
            Value called = asFunction(written.get(i), flow, handed);
            if (flow == null || called != written.get(i) || meansOperation(written.get(i), flow, declared)
                    || meansOperations(written.get(i), flow, declared)
                    || !handed.elements.isEmpty() && meansOperationOfOwn(written.get(i), flow)) {
                functions.expectElements(handed.elements, handed.element);
                Flow outside = body.evaluateIn(callee != null && callee.modifiers().has(Mark.EVALUATES)
                        ? Flow.of(Origin.UNKNOWN, TypeUse.of(callee.home()))
                        : handed.inside != null ? handed.inside : body.evaluatedIn());
                flow = values.flow(called, declared.substitute(bindings), "");
                body.evaluateIn(outside);
                functions.expectElements(List.of(), TypeUse.UNKNOWN);
                functions.bindResult(declared, bindings);
            }
            all.add(SubtypeHooks.spread(flow, body));
        }
        return all;
    }

    /** An operation of something of which no type is known, given to what goes over elements: it is called with each of them. */
    private Value asFunction(Value written, Flow flow, Handed handed) {
        if (handed.elements.isEmpty() || !body.world.library.rule(Rule.DYNAMIC)) {
            return written;
        }
        return switch (written) {
            case Value.Labelled(String label, Value value, SourceSpan at) -> {
                Value function = asFunction(value, flow, handed);
                yield function == value ? written : new Value.Labelled(label, function, at);
            }
            case Value.Member(Value of, String name, SourceSpan at) when flow != null && isUnasked(flow) ->
                called(of, name, handed.many, at);
            case Value.Reference(Value of, TypeText type, String name, SourceSpan at) when type == null && of != null
                    && !(of instanceof Value.Self) && isUnknown(of, name) ->
                called(of, name, handed.many, at);
            default -> written;
        };
    }

    private static boolean isUnasked(Flow flow) {
        return flow.origins().size() == 1 && flow.first() instanceof Origin.Result(Operation callee, Origin _)
                && callee == null;
    }

    private boolean isUnknown(Value of, String name) {
        CodeType owner = NameResolver.owner(values.quietly(of));
        return owner == null || body.world.members.operations(owner, name).isEmpty();
    }

    private static Value called(Value of, String name, int many, SourceSpan at) {
        List<ParameterDeclared> parameters = new ArrayList<>();
        List<Value> given = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            parameters.add(new ParameterDeclared("element " + i, null));
            given.add(new Value.Name("element " + i, at));
        }
        return new Value.Function(parameters, List.of(new Step.Return(new Value.Call(of, name, given, at), at)), at);
    }

    /** Given by its name to what goes over elements, and called with each. */
    private boolean meansOperationOfOwn(Value given, Flow flow) {
        Value written = given instanceof Value.Labelled labelled ? labelled.value() : given;
        return !body.from.isJava()
                && (written instanceof Value.Name name && body.scope.find(name.name()) == null
                        || written instanceof Value.Member)
                && (flow.first() instanceof Origin.Unknown || flow.anyOf(Origin.OfFunction.class));
    }

    /** A name that was not understood as a value may mean an operation where a function is asked for. */
    private boolean meansOperation(Value written, Flow flow, TypeUse declared) {
        if (written instanceof Value.Name name && declared.type() != null && body.scope.find(name.name()) != null) {
            return body.scope.find(name.name()).function() != null;
        }
        boolean oneOfThem = written instanceof Value.Element && flow.type().isUnknown();
        return !body.from.isJava()
                && (oneOfThem || (written instanceof Value.Name || written instanceof Value.Member)
                        && flow.first() instanceof Origin.Unknown)
                && declared.type() != null
                && body.world.members.single(declared.type()) != null;
    }

    /** A list or table of names, written out where functions are asked for. */
    private boolean meansOperations(Value written, Flow flow, TypeUse declared) {
        return switch (written) {
            case Value.Cast cast -> meansOperations(cast.value(), flow, declared);
            case Value.ArrayOf list -> body.world.library.rule(Rule.DYNAMIC) && flow != null
                    && flow.first() instanceof Origin.Unknown
                    && Shapes.isFunction(values.containers().element(new Flow(List.of(), declared)).type().type())
                    && list.elements().stream().map(Arguments::unlabelled).allMatch(Value.Name.class::isInstance);
            default -> false;
        };
    }

    private static Value unlabelled(Value value) {
        return value instanceof Value.Labelled labelled ? labelled.value() : value;
    }
}
