package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Functions written in place and operations meant by name: realisations of the interface that is asked for. */
final class FunctionResolver {
    private final Body body;
    private final StepResolver steps;
    private final ValueResolver values;
    private final MadeFunctions made;
    private TypeUse lastResult = TypeUse.UNKNOWN;
    private Flow lastMade = Flow.UNKNOWN;
    /** A function's type that names the object which it is evaluated inside of. */
    private static final Pattern INSIDE = Pattern.compile("[\\w.]+(?:<[^()]*>)?\\??\\.\\(");
    private List<Origin> elements = List.of();
    private TypeUse elementType = TypeUse.UNKNOWN;
    /** Whether the next function is kept in a list for whoever looks it up there. */
    private boolean kept;

    FunctionResolver(Body body, StepResolver steps, ValueResolver values) {
        this.body = body;
        this.steps = steps;
        this.values = values;
        this.made = new MadeFunctions(body);
    }

    /** What the parameters of the next function will be given: elements of a container, or nothing known. */
    void expectElements(List<Origin> origins, TypeUse type) {
        elements = origins;
        elementType = type;
    }

    /** A function that lies in a list written in place; {@code asked} is what the list asks for, if that is known. */
    Flow inList(Value part, TypeUse asked) {
        Value function = part instanceof Value.Labelled labelled ? labelled.value() : part;
        boolean known = asked.type() != null && Shapes.isFunction(asked.type());
        if (body.world.inferring || asked.type() != null && !known) {
            return values.flow(part, asked, "");
        }
        int many = function instanceof Value.Function written ? written.parameters().size() : 0;
        TypeUse any = known
                ? asked
                : body.use(TypeText.function(Collections.nCopies(many, TypeText.of("?")), TypeText.of("?")),
                        Mention.Kind.OTHER, part.at());
        kept = function instanceof Value.Function; // which is read first
        return values.flow(part, any, "");
    }

    /** What the function that was read last gives back. */
    Flow lastMade() {
        return lastMade;
    }

    /** What a call of the library gives that runs the function written last in it; null for other calls. */
    Flow ranBy(Value.Call call) {
        boolean runs = body.world.library.lists("givesWhatIsRun", call.name()) && !call.arguments().isEmpty()
                && Arguments.isFunction(call.arguments().getLast());
        return runs ? made() : null;
    }

    /** What the last function that was read gives back; null when nothing is known of it. */
    Flow made() {
        return lastMade.equals(Flow.UNKNOWN) ? null : lastMade;
    }

    /** After a function was read as an argument: what it gives back binds the variable in the declared result. */
    void bindResult(TypeUse declared, Map<TypeVariable, TypeUse> bindings) {
        CodeType asked = declared.type();
        Operation single = asked == null ? null : body.world.members.single(asked);
        if (single != null && !lastResult.isUnknown()) {
            TypeUse result = single.returns().substitute(Supertypes.bindings(declared));
            Inference.bind(result, lastResult, bindings, body.world.supertypes);
        }
    }

    Flow function(Value.Function function, TypeUse expected, String holder) {
        CodeType asked = expected.dimensions() > 0 ? null : expected.type();
        Operation single = asked == null ? null : body.world.members.single(asked);
        TypeUse seen = single == null ? null : body.world.supertypes.as(expected, single.home());
        Map<TypeVariable, TypeUse> bindings = seen == null ? Map.of() : Supertypes.bindings(seen);
        List<Origin> given = elements;
        TypeUse givenType = elementType;
        elements = List.of();
        elementType = TypeUse.UNKNOWN;
        int first = body.deeds.size();
        TypeUse outerResult = body.functionResult;
        body.functionResult = single == null ? TypeUse.UNKNOWN : single.returns().substitute(bindings);
        var inside = new Setting(body.setting, Setting.Kind.FUNCTION, List.of(), 0, 0);
        boolean nowhere = single != null && asked.shape() && asked.place() == null && !kept;
        kept = false;
        CodeType type = single == null || nowhere ? null : made.type(asked, expected, holder, function.at());
        Operation own = type == null ? null : MadeFunctions.operation(type, single, bindings, function, function.at());
        Flow around = object(expected, single, bindings, own);
        Flow outside = body.evaluateIn(around == null ? body.evaluatedIn() : around);
        body.within(inside, () -> {
            for (int i = 0; i < function.parameters().size(); i++) {
                declareParameter(function, i, single, bindings, own, given, givenType);
            }
            steps.steps(function.body());
        });
        body.evaluateIn(outside);
        body.functionResult = outerResult;
        List<Deed> deeds = new ArrayList<>(body.deeds.subList(first, body.deeds.size()));
        lastMade = result(deeds, inside);
        lastResult = lastMade.type();
        if (own == null) {
            return body.world.inferring ? unasked(function, holder) : Flow.of(Origin.UNKNOWN, expected);
        }
        int depth = Setting.functions(inside);
        own.deeds(deeds.stream()
                .filter(deed -> !(deed instanceof Deed.Returns) || Setting.functions(deed.within()) >= depth) // else it leaves what is around
                .toList());
        own.depth(depth);
        return Flow.of(new Origin.OfFunction(type), expected);
    }

    /** The object of the code base that a function is evaluated inside of, by what is asked for; null for others. */
    private static Flow object(TypeUse expected, Operation single, Map<TypeVariable, TypeUse> bindings, Operation own) {
        if (single == null || single.parameters().isEmpty() || !INSIDE.matcher(expected.text()).lookingAt()) {
            return null;
        }
        TypeUse type = single.parameters().getFirst().type().substitute(bindings);
        return type.type() == null || type.type().external()
                ? null
                : Flow.of(own == null ? Origin.UNKNOWN : new Origin.OfParameter(own, 0), type);
    }

    /** What a function gives that is called where it is written. {@code arguments}: null for what is a function itself. */
    Flow atOnce(Value.Function function, List<Flow> arguments, TypeUse expected) {
        int first = body.deeds.size();
        TypeUse outerResult = body.functionResult;
        body.functionResult = expected;
        var inside = new Setting(body.setting, Setting.Kind.FUNCTION, List.of(), 0, 0);
        body.within(inside, () -> {
            for (int i = 0; i < function.parameters().size(); i++) {
                Flow written = i < arguments.size() ? arguments.get(i) : null;
                Flow given = written == null ? Flow.UNKNOWN : written;
                body.scope.declare(function.parameters().get(i).name(), given, given.type());
            }
            steps.steps(function.body());
        });
        body.functionResult = outerResult;
        List<Origin> origins = new ArrayList<>();
        List<Deed> deeds = new ArrayList<>(body.deeds.subList(first, body.deeds.size()));
        for (Deed deed : deeds) {
            if (deed instanceof Deed.Returns(Flow value, Setting within, var _) && value != null
                    && innermostFunction(within) == inside) {
                origins.addAll(value.origins());
            }
        }
        TypeUse type = result(deeds, inside).type();
        return origins.isEmpty() ? Flow.UNKNOWN : new Flow(origins, type.isUnknown() ? expected : type);
    }

    /** A function that nothing asks for yet: where it goes shows what it has to be. */
    private Flow unasked(Value.Function function, String holder) {
        var type = new CodeType(holder, holder, TypeKind.FUNCTION, Modifiers.NONE, function.at(), body.type, true);
        List<Parameter> parameters = function.parameters()
                .stream()
                .map(parameter -> new Parameter(parameter.name(), TypeUse.UNKNOWN))
                .toList();
        type.add(Shapes.promised(type, Value.APPLY, parameters, lastResult));
        return Flow.of(new Origin.OfFunction(type), TypeUse.UNKNOWN);
    }

    /** The function that a local variable holds, where one is asked for; null when it holds none. */
    Flow heldBy(Value.Name name, TypeUse expected) {
        BodyScope.Local local = expected.type() == null ? null : body.scope.find(name.name());
        Value.Function held = local == null ? null : local.function();
        if (held == null || body.world.members.single(expected.type()) == null) {
            return null;
        }
        int before = body.deeds.size();
        local.holds(null); // a function that hands itself on is read once
        Flow flow = function(held, expected, name.name());
        local.holds(held);
        body.deeds.subList(before, body.deeds.size()).clear(); // they were noted where it was written
        return flow;
    }

    /** One of the functions of an object written in place, whichever a key names; null where nothing else is known. */
    Flow oneOf(Flow table, TypeUse expected, SourceSpan at) {
        CodeType object = table.type().dimensions() > 0 ? null : table.type().type();
        if (object == null || object.external() || object.kind() != TypeKind.OBJECT || !object.anonymous()
                || object.operations().isEmpty()) {
            return null;
        }
        List<Origin> origins = new ArrayList<>();
        for (Operation operation : object.operations()) {
            if (operation.kind() == OperationDeclared.Kind.OPERATION) {
                origins.addAll(meant(operation, table, expected, at).origins());
            }
        }
        if (origins.isEmpty()) {
            return null;
        }
        boolean known = body.world.inferring || !origins.stream().allMatch(Origin.Unknown.class::isInstance);
        return known ? new Flow(origins, expected) : Flow.of(new Origin.ElementOf(table.first()), expected);
    }

    /** An operation meant as a value, not called. */
    Flow meant(Operation operation, Flow of, TypeUse expected, SourceSpan at) {
        CodeType asked = expected.dimensions() > 0 ? null : expected.type();
        Operation single = asked == null ? null : body.world.members.single(asked);
        lastResult = operation.returns();
        if (single == null) {
            noteApplied(operation, of, at);
            if (!body.world.inferring) {
                return Flow.of(Origin.UNKNOWN, expected);
            }
            var light = new CodeType(operation.name(), operation.name(), TypeKind.FUNCTION, Modifiers.NONE, at,
                    body.type, true);
            light.add(Shapes.promised(light, Value.APPLY, operation.parameters(), operation.returns()));
            return Flow.of(new Origin.OfFunction(light), TypeUse.UNKNOWN);
        }
        CodeType type = made.type(asked, expected, operation.name(), at);
        Operation own = MadeFunctions.operation(type, single, Map.of(), null, at);
        var inside = new Setting(body.setting, Setting.Kind.FUNCTION, List.of(), 0, 0);
        List<Flow> handed = new ArrayList<>();
        for (int i = 0; i < own.parameters().size(); i++) {
            handed.add(Flow.of(new Origin.OfParameter(own, i), own.parameters().get(i).type()));
        }
        List<Deed> deeds = List.of(new Deed.Calls(operation, operation.name(), of, handed, true, inside, at),
                new Deed.Returns(Flow.of(new Origin.Result(operation, of.first()), operation.returns()),
                        inside, at));
        own.deeds(deeds);
        body.deeds.addAll(deeds);
        own.depth(Setting.functions(body.setting) + 1);
        return Flow.of(new Origin.OfFunction(type), expected);
    }

    /** The library calls it with one element after the other. */
    private void noteApplied(Operation operation, Flow of, SourceSpan at) {
        if (!elements.isEmpty()) {
            var inside = new Setting(body.setting, Setting.Kind.FUNCTION, List.of(), 0, 0);
            Flow element = new Flow(elements, elementType);
            boolean onEach = NameResolver.isType(of) && !operation.isStatic();
            body.add(new Deed.Calls(operation, operation.name(), onEach ? element : of,
                    onEach ? List.of() : List.of(element), true, inside, at));
            elements = List.of();
        }
    }

    /** What the last function that was read gives back. */
    TypeUse lastResult() {
        return lastResult;
    }

    private void declareParameter(Value.Function function, int index, Operation single,
            Map<TypeVariable, TypeUse> bindings, Operation own, List<Origin> given, TypeUse givenType) {
        var parameter = function.parameters().get(index);
        TypeUse type = parameter.type() != null
                ? body.use(parameter.type(), dev.huella.core.model.Mention.Kind.LOCAL, function.at())
                : single != null && index < single.parameters().size()
                        ? single.parameters().get(index).type().substitute(bindings)
                        : givenType;
        Origin origin = own == null ? new Origin.OfFunctionParameter(index) : new Origin.OfParameter(own, index);
        boolean primitive = type.type() == null && type.variable() == null && !type.isUnknown()
                && type.arguments().isEmpty();
        body.scope.declare(parameter.name(),
                given.isEmpty() || primitive ? Flow.of(origin, type) : new Flow(given, type),
                type);
    }

    /** The type of what the function gives back. */
    private static Flow result(List<Deed> deeds, Setting inside) {
        for (Deed deed : deeds) {
            if (deed instanceof Deed.Returns(Flow value, Setting within, var _) && value != null
                    && innermostFunction(within) == inside && !value.type().isUnknown()) {
                return value;
            }
        }
        return Flow.UNKNOWN;
    }

    private static Setting innermostFunction(Setting setting) {
        Setting at = setting;
        while (at != null && at.kind() != Setting.Kind.FUNCTION) {
            at = at.outer();
        }
        return at;
    }

    /** Each of the elements, where what is named does not ask them. */
    private List<Flow> handedOver(boolean ofType) {
        return elements.isEmpty() || ofType ? List.of() : List.of(new Flow(elements, elementType));
    }

    /** {@code Type::name}, {@code value::name}, {@code Type::new}. */
    Flow reference(Value.Reference reference, TypeUse expected) {
        Flow of = reference.type() != null
                ? typeFlow(body.use(reference.type(), Mention.Kind.STATIC, reference.at()))
                : values.flow(reference.of());
        CodeType owner = NameResolver.owner(of);
        boolean ofType = NameResolver.isType(of);
        if (ofType && owner != null) {
            HeadResolver.mention(body.type, TypeUse.of(owner), reference.name().equals("new")
                    ? Mention.Kind.CREATED
                    : Mention.Kind.STATIC,
                    reference.at());
        }
        CodeType asked = expected.dimensions() > 0 ? null : expected.type();
        Operation single = asked == null ? null : body.world.members.single(asked);
        Operation meant = meant(reference, owner, single, ofType);
        lastResult = reference.name().equals("new")
                ? of.type()
                : meant == null ? TypeUse.UNKNOWN : meant.returns().substitute(Supertypes.bindings(of.type()));
        if (single == null) {
            if (elements.isEmpty() || meant == null) {
                noteUse(reference, owner, meant, of, handedOver(ofType), body.deeds);
            } else if (ofType && !meant.isStatic()) {
                noteUse(reference, owner, meant, new Flow(elements, of.type()), List.of(), body.deeds); // each is asked
                elements = List.of();
            }
            return meant == null ? Flow.of(Origin.UNKNOWN, expected) : meant(meant, of, expected, reference.at());
        }
        String holder = reference.name().equals("new") ? "" : reference.name();
        CodeType type = made.type(asked, expected, owner != null && !holder.isEmpty() ? holder : "", reference.at());
        TypeUse seen = body.world.supertypes.as(expected, single.home());
        Operation own = MadeFunctions.operation(type, single, seen == null ? Map.of() : Supertypes.bindings(seen), null,
                reference.at());
        List<Origin> given = elements;
        elements = List.of();
        List<Flow> handed = new ArrayList<>();
        for (int i = 0; i < own.parameters().size(); i++) {
            handed.add(i == 0 && !given.isEmpty()
                    ? new Flow(given, own.parameters().getFirst().type())
                    : Flow.of(new Origin.OfParameter(own, i), own.parameters().get(i).type()));
        }
        List<Deed> deeds = new ArrayList<>();
        boolean onFirst = ofType && meant != null && !meant.isStatic() && !handed.isEmpty();
        noteUse(reference, owner, meant, onFirst ? handed.getFirst() : of,
                onFirst ? handed.subList(1, handed.size()) : handed, deeds);
        lastMade = !deeds.isEmpty() && deeds.getLast() instanceof Deed.Returns gives ? gives.value() : Flow.UNKNOWN;
        own.deeds(deeds);
        body.deeds.addAll(deeds);
        own.depth(Setting.functions(body.setting) + 1);
        return Flow.of(new Origin.OfFunction(type), expected);
    }

    private static Flow typeFlow(TypeUse use) {
        return use.type() == null ? Flow.UNKNOWN : Flow.of(new Origin.OfType(use.type()), use);
    }

    private Operation meant(Value.Reference reference, CodeType owner, Operation single, boolean ofType) {
        if (owner == null || reference.name().equals("new")) {
            return null;
        }
        List<Operation> named = body.world.members.operations(owner, reference.name());
        int asked = single == null ? -1 : single.parameters().size();
        return named.stream()
                .filter(operation -> asked < 0
                        || operation.parameters().size() == (ofType && !operation.isStatic() ? asked - 1 : asked))
                .findFirst()
                .orElse(named.isEmpty() ? null : named.getFirst());
    }

    private void noteUse(Value.Reference reference, CodeType owner, Operation meant, Flow receiver,
            List<Flow> arguments, List<Deed> into) {
        var inside = new Setting(body.setting, Setting.Kind.FUNCTION, List.of(), 0, 0);
        if (reference.name().equals("new")) {
            if (owner != null) {
                into.add(new Deed.Creates(owner, null, List.of(), inside, reference.at()));
                into.add(new Deed.Returns(Flow.of(new Origin.Fresh(owner), TypeUse.of(owner)), inside, reference.at()));
            }
            return;
        }
        into.add(new Deed.Calls(meant, reference.name(), receiver, arguments, true, inside, reference.at()));
        into.add(new Deed.Returns(Flow.of(new Origin.Result(meant, receiver.first()),
                meant == null ? TypeUse.UNKNOWN : meant.returns()), inside, reference.at()));
    }
}
