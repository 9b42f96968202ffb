package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Resolves calls and creations: which operation, what its result is, and what is handed through it. */
final class CallResolver {
    /** Words for the type of the object that is asked, whichever it is. */
    private static final Set<String> OWN_KIND = Set.of("self", "static", "?self", "?static", "Self", "Self?", "this");

    private final Body body;
    private final ValueResolver values;
    private final FunctionResolver functions;
    private final Containers containers;
    private final Overloads overloads;
    private final DynamicCalls others;
    private final ListenerCalls listeners;
    private final LibraryResults byName;
    private final GoneThrough gone;
    private final Holders holders;
    private final Arguments arguments;
    private final AppliedFunctions applied;
    private final PlainCalls plainly;

    CallResolver(Body body, ValueResolver values, FunctionResolver functions, Containers containers) {
        this.body = body;
        this.values = values;
        this.functions = functions;
        this.containers = containers;
        this.overloads = new Overloads(body.world, body.operation);
        this.byName = new LibraryResults(body.world);
        this.gone = new GoneThrough(body, containers);
        this.others = new DynamicCalls(body, values, functions, this);
        this.listeners = new ListenerCalls(body, values, this, others);
        this.holders = new Holders(body, values, functions);
        this.arguments = new Arguments(body, values, functions, holders);
        this.applied = new AppliedFunctions(body, containers);
        this.plainly = new PlainCalls(body);
    }

    Flow call(Value.Call call, boolean used, TypeUse expected) {
        if (BuiltName.is(call.name())) {
            return others.dispatched(call, used);
        }
        Flow handed = body.from.isJava() ? null : holders.handedBack(call, expected);
        if (handed != null) {
            return handed;
        }
        Flow made = body.from.isJava() ? null : others.bareOrMade(call, used, expected);
        if (made != null) {
            return made;
        }
        if (call.receiver() instanceof Value.Function function && call.name().equals(Value.APPLY)) {
            return functions.atOnce(function, arguments.plain(call.arguments()), expected);
        }
        Flow receiver = call.receiver() == null
                ? null
                : values.names().settled(values.flow(call.receiver()), call.name());
        Flow told = listeners.call(call, receiver, used);
        if (told != null) {
            return told;
        }
        Flow exchanged = receiver == null ? null : holders.exchanged(call);
        if (exchanged != null) {
            return exchanged;
        }
        Flow reflected = holders.makes(call) ? others.madeOfFirst(call) : null;
        if (reflected != null) {
            return reflected;
        }
        Flow other = body.from.isJava() || receiver == null ? null : others.onFlow(call, receiver, used, expected);
        if (other != null) {
            return other;
        }
        if (receiver != null && NameResolver.isType(receiver)) {
            HeadResolver.mention(body.type, TypeUse.of(receiver.type().type()), Mention.Kind.STATIC, call.at());
        }
        Value.Call asked = Operators.named(arguments.withoutSelf(call, receiver), receiver, body.world);
        List<Flow> plain = arguments.plain(asked);
        Operation callee = receiver == null ? unqualified(asked, plain) : qualified(asked, receiver, plain);
        return called(asked, callee, receiver, plain, used, expected);
    }

    Arguments arguments() {
        return arguments;
    }

    ListenerCalls listeners() {
        return listeners;
    }

    /** A call whose operation is known or known to be unknown. {@code receiver} is null when none is written. */
    Flow called(Value.Call call, Operation callee, Flow receiver, List<Flow> plain, boolean used, TypeUse expected) {
        Flow on = receiver == null ? impliedReceiver(callee) : receiver;
        if (!body.from.isJava() && callee != null && !callee.isStatic() && NameResolver.isType(on)
                && body.world.supertypes.isA(body.type, callee.home())) {
            on = Flow.of(new Origin.Self(body.type), TypeUse.of(callee.home())); // an operation of a base, named in full
        }
        SubtypeHooks.note(callee, on, body.world);
        on = gone.through(call, callee, receiver, on, plain);
        Field own = plain.isEmpty() ? plainly.fieldGiven(callee, on) : null;
        if (own != null) {
            body.reads(own);
            return Flow.ofOwn(own); // to ask for one's own field is no more than to read it
        }
        Map<TypeVariable, TypeUse> bindings = Inference.ofCall(callee, on, plain, expected, body.world.supertypes);
        boolean overContainer = (callee == null || callee.home().external())
                && (containers.isContainer(on.type()) || !body.from.isJava()
                        && (containers.isGoneThrough(on.type()) || Enumerations.named(on) != null));
        boolean hands = !body.from.isJava() && body.world.library.hands(call.name())
                && !(overContainer && body.world.library.maps(call.name()));
        Arguments.Handed handed = hands
                ? new Arguments.Handed(on.origins(), 1, on.type(), TypeUse.UNKNOWN)
                : overContainer ? handed(call, on) : Arguments.Handed.NOTHING;
        List<Flow> given = arguments.resolved(call.arguments(), plain, callee, bindings,
                callee == null ? handed.inside(call, on, plain, body.world.library) : handed);
        noteTests(call, on, given);
        List<Flow> ordered = Labels.order(call.arguments(), given, callee);
        body.add(new Deed.Calls(callee, call.name(), on, ordered, used, body.setting, call.at()));
        plainly.note(call, callee, on, ordered);
        holders.note(call, callee, on, ordered);
        applied.by(call, callee, on, given);
        if (receiver == null && callee == null && body.world.library.passes(call.name()) && !body.type.external()) {
            return Flow.of(new Origin.Self(body.type), TypeUse.of(body.type)); // on the object itself
        }
        if (receiver != null && callee == null && hands && body.world.library.passes(call.name())) {
            return on; // something is done with the object, and it goes on
        }
        if (!body.from.isJava()
                && (containers.isGoneThrough(on.type()) || receiver != null && isMapped(call, on, given))
                && (callee == null || body.world.index.isBare(callee.home()))) {
            Flow byName = containers.byName(call.name(), on, functions.lastResult());
            if (byName != null) {
                return byName;
            }
        }
        Flow byLibrary = byLibrary(call, callee, receiver, on, ordered);
        return byLibrary != null ? byLibrary : result(callee, receiver == null ? null : on, on, ordered, bindings);
    }

    /** What the language or its library gives for a call; null where it is no operation of theirs, or nothing is known of it. */
    private Flow byLibrary(Value.Call call, Operation callee, Flow receiver, Flow on, List<Flow> given) {
        Flow settled = byName.settled(call, callee, given, functions);
        Flow constants = settled == null && (callee == null || callee.home().external())
                ? Enumerations.member(receiver, body.type, call.name(), body.world.library)
                : settled;
        boolean named = callee == null || callee.home().external() && body.world.index.isBare(callee.home());
        if (constants != null || !named) {
            return constants;
        }
        Flow ran = functions.ranBy(call);
        return ran != null ? ran : byName.of(call.name(), on, receiver == null, given);
    }

    /** What is not known is many things where a function of the code makes something of each. */
    private boolean isMapped(Value.Call call, Flow on, List<Flow> given) {
        return body.world.library.rule(Rule.DYNAMIC) && on.type().isUnknown() && body.world.library.maps(call.name())
                && given.size() == 1 && given.getFirst().anyOf(Origin.OfFunction.class)
                && !functions.lastResult().isUnknown();
    }

    private Operation unqualified(Value.Call call, List<Flow> plain) {
        for (CodeType type = body.type; type != null; type = type.outer()) {
            List<Operation> found = body.world.seesMembers(type)
                    ? body.world.members.operations(type, call.name())
                    : List.of();
            if (!found.isEmpty() && (!body.world.library.isRoot(found.getFirst().home()) || type.outer() == null)) {
                return overloads.choose(found, call.arguments(), plain);
            }
        }
        for (var seen : body.from.file().memberImports()) {
            String owner = seen.all() ? seen.name() : seen.name().substring(0, seen.name().lastIndexOf('.'));
            CodeType type = seen.all() || seen.name().endsWith("." + call.name())
                    ? body.world.index.qualified(owner)
                    : null;
            List<Operation> found = type == null ? List.of() : body.world.members.operations(type, call.name());
            if (!found.isEmpty()) {
                return overloads.choose(found, call.arguments(), plain);
            }
        }
        return null;
    }

    Overloads overloads() {
        return overloads;
    }

    private Operation qualified(Value.Call call, Flow receiver, List<Flow> plain) {
        CodeType type = receiver.type().dimensions() > 0 ? null : receiver.type().erased();
        if (type == null && receiver.type().variable() != null
                && receiver.first() instanceof Origin.Self(CodeType own)) {
            type = own; // the object itself, taken for one of its subtypes
        }
        if (type == null) {
            return receiver.type().dimensions() > 0 ? null : addedToValue(call, receiver.type().text(), plain);
        }
        Operation known = overloads.choose(body.world.members.operations(type, call.name()), call.arguments(), plain);
        return known != null && !body.world.library.isRoot(known.home())
                || !body.world.index.isBare(type)
                        ? known
                        : body.world.index.outsideOperation(type, call.name(), plain.size());
    }

    /** What the code adds to a plain value; null when it adds nothing of that name. */
    private Operation addedToValue(Value.Call call, String value, List<Flow> plain) {
        for (CodeType more : body.world.index.addedTo(value)) {
            List<Operation> found = body.world.members.operations(more, call.name());
            if (!found.isEmpty()) {
                return overloads.choose(found, call.arguments(), plain);
            }
        }
        return null;
    }

    /** The receiver of a call without one: this object, or one of those around it. */
    private Flow impliedReceiver(Operation callee) {
        if (callee == null) {
            return Flow.of(new Origin.Self(body.type), TypeUse.of(body.type));
        }
        if (callee.isStatic()) {
            boolean inherited = body.world.library.rule(Rule.DYNAMIC)
                    && body.world.supertypes.isA(body.type, callee.home());
            CodeType of = inherited ? body.type : callee.home();
            return Flow.of(new Origin.OfType(of), TypeUse.of(of));
        }
        for (CodeType type = body.type; type != null; type = type.outer()) {
            if (body.world.supertypes.isA(type, callee.home())) {
                return Flow.of(new Origin.Self(type), TypeUse.of(type));
            }
        }
        return Flow.of(new Origin.Self(body.type), TypeUse.of(body.type));
    }

    /** What functions given to a container are handed, and what is put into it. */
    private Arguments.Handed handed(Value.Call call, Flow container) {
        TypeUse element = body.from.isJava() ? TypeUse.UNKNOWN : containers.element(container).type();
        int many = body.world.library.lists("appliesToTwo", call.name()) ? 2 : 1;
        return new Arguments.Handed(containers.handed(container), many, element, body.world.library.adds(call.name())
                ? element
                : TypeUse.UNKNOWN);
    }

    private void noteTests(Value.Call call, Flow on, List<Flow> arguments) {
        if (!Conditions.asksPresence(body.world.library, call.name())) {
            return;
        }
        Flow tested = arguments.size() == 1 ? arguments.getFirst() : on;
        body.add(new Deed.TestsAbsence(tested, body.setting, call.at()));
    }

    private Flow result(Operation callee, Flow written, Flow on, List<Flow> arguments,
            Map<TypeVariable, TypeUse> bindings) {
        if (callee == null) {
            return Flow.of(new Origin.Result(null, written == null ? null : written.first()),
                    body.from.isJava() && on.type().dimensions() > 0 ? on.type() : TypeUse.UNKNOWN);
        }
        TypeUse type = callee.returns().substitute(bindings);
        if (body.world.plain(callee).itself() && type.variable() != null) {
            return new Flow(on.origins(), type);
        }
        List<Flow> back = plainly.handedBack(callee, arguments);
        if (!back.isEmpty()) {
            return new Flow(back.stream().flatMap(flow -> flow.origins().stream()).distinct().toList(),
                    type.isUnknown() ? back.getFirst().type() : type);
        }
        if (on.type().dimensions() > 0 && callee.name().equals("clone")) {
            return new Flow(on.origins().stream().map(origin -> Containers.copy(origin, true)).toList(), on.type());
        }
        if (containers.holdsOne(on.type()) && body.world.library.maps(callee.name()) && arguments.size() == 1
                && arguments.getFirst().anyOf(Origin.OfFunction.class) && !functions.lastMade().equals(Flow.UNKNOWN)) {
            return functions.lastMade().as(type); // what is made of the one that may be there
        }
        if (callee.home().external() || containers.isContainer(on.type())) {
            List<Origin> through = callee.isStatic() ? List.of() : containers.result(callee, on, type);
            if (through.isEmpty() && callee.isStatic()) {
                through = containers.fromArguments(callee, arguments, type);
            }
            if (!through.isEmpty()) {
                return new Flow(through, type);
            }
        }
        boolean ownKind = type.type() == callee.home() && type.dimensions() == 0 && OWN_KIND.contains(type.text());
        return Flow.of(new Origin.Result(callee, on.first()),
                ownKind && on.type().erased() != null && body.world.supertypes.isA(on.type().erased(), callee.home())
                        ? TypeUse.of(on.type().erased())
                        : type);
    }

    /** A new object. The type made in place for it is read here, where it can see the body around it. */
    Flow create(Value.Create create, BodyResolver bodies, TypeUse expected) {
        BodyScope.Local local = create.type() == null ? null : body.scope.find(create.type().name());
        if (local != null && (body.world.library.rule(Rule.DYNAMIC) || body.world.library.rule(Rule.CALL_MAKES))) {
            return others.apply(new Value.Call(null, Value.APPLY, create.arguments(), create.at()), local.flow(), true,
                    expected); // the type to make is itself a value
        }
        TypeUse written = create.type() == null
                ? expected
                : body.use(create.type(), Mention.Kind.CREATED, create.at());
        List<Flow> plain = arguments.plain(create.arguments());
        Operation constructor = written.type() == null
                ? null
                : overloads.choose(constructors(written.type()), create.arguments(), plain);
        TypeUse use = Inference.ofArguments(written, constructor, plain, expected, body.world.supertypes);
        Map<TypeVariable, TypeUse> bindings = new HashMap<>(Supertypes.bindings(use));
        List<Flow> given = arguments.resolved(create.arguments(), plain, constructor, bindings,
                Arguments.Handed.NOTHING);
        CodeType made = use.type();
        if (create.body() != null) {
            made = body.world.declarer.of(create.body()).type();
            others.realise(made, create, expected);
            use = create.type() == null && expected.type() == null ? TypeUse.of(made) : use;
            bodies.bodies(create.body(), body);
        }
        if (made == null) {
            return Flow.of(Origin.UNKNOWN, use);
        }
        given = Labels.order(create.arguments(), given, constructor);
        Flow around = wrapped(create, made, given, use);
        if (around != null) {
            return around;
        }
        body.add(new Deed.Creates(made, constructor, given, body.setting, create.at()));
        return new Flow(made.external() && containers.isContainer(use)
                ? copied(made, given)
                : List.of(new Origin.Fresh(made)), use);
    }

    /** What a pointer or the like is put around; null when a new object of its own is made. */
    private Flow wrapped(Value.Create create, CodeType made, List<Flow> given, TypeUse use) {
        if (given.size() != 1) {
            return null;
        }
        Flow only = given.getFirst();
        boolean one = made.external() && containers.holdsOne(use);
        if (one && (only.anyOf(Origin.Fresh.class) || only.anyOf(Origin.OfParameter.class))) {
            return only.as(use); // made for it or handed in
        }
        if (one && Arguments.isFunction(create.arguments().getFirst())
                && functions.lastMade().anyOf(Origin.Fresh.class)) {
            return functions.lastMade().as(use); // what a function makes once it is needed
        }
        return made.wrapped() == null ? null : only.as(use);
    }

    /** A library's container made from others is a copy of these. */
    private List<Origin> copied(CodeType made, List<Flow> arguments) {
        List<Origin> origins = arguments.stream()
                .filter(argument -> containers.isContainer(argument.type()))
                .flatMap(argument -> argument.origins().stream())
                .filter(origin -> !(origin instanceof Origin.Fresh) && !(origin instanceof Origin.Unknown))
                .map(origin -> Containers.copy(origin, true))
                .toList();
        return origins.isEmpty() ? List.of(new Origin.Fresh(made)) : origins;
    }

    /** Its own, or in languages that inherit them the nearest ones above. */
    private List<Operation> constructors(CodeType type) {
        List<Operation> own = Members.constructors(type);
        if (own.isEmpty() && body.world.library.rule(Rule.DYNAMIC)) {
            for (CodeType above : body.world.supertypes.above(type)) {
                own = Members.constructors(above);
                if (!own.isEmpty()) {
                    break;
                }
            }
        }
        return own;
    }

    /** A constructor hands on to another one. */
    Flow construct(Value.Construct construct) {
        List<Flow> plain = arguments.plain(construct.arguments());
        CodeType of = construct.ofSuper()
                ? body.type.supertypes().isEmpty() ? null : body.type.supertypes().getFirst().type()
                : body.type;
        Operation callee = of == null
                ? null
                : overloads.choose(constructors(of), construct.arguments(), plain);
        Map<TypeVariable, TypeUse> bindings = new HashMap<>();
        List<Flow> given = Labels.order(construct.arguments(),
                this.arguments.resolved(construct.arguments(), plain, callee, bindings, Arguments.Handed.NOTHING),
                callee);
        body.add(new Deed.Calls(callee, construct.ofSuper() ? "super" : "this",
                Flow.of(new Origin.Self(body.type), TypeUse.of(body.type)), given, false, body.setting,
                construct.at()));
        return Flow.UNKNOWN;
    }
}
