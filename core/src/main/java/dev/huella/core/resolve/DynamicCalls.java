package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Calls that mean more than an operation of a type: of functions kept in variables and fields, of types that make an
 * object when called, of functions outside types, of operations that stand outside the type they extend.
 */
final class DynamicCalls {
    private final Body body;
    private final ValueResolver values;
    private final FunctionResolver functions;
    private final CallResolver calls;
    private final CalledFunctions called;

    DynamicCalls(Body body, ValueResolver values, FunctionResolver functions, CallResolver calls) {
        this.body = body;
        this.values = values;
        this.functions = functions;
        this.calls = calls;
        this.called = new CalledFunctions(body, values, calls.overloads());
    }

    /** Calls without a receiver, and those that name a type to be made; null for others. */
    Flow bareOrMade(Value.Call call, boolean used, TypeUse expected) {
        Flow whole = WholeObject.is(call, body.world.library)
                ? WholeObject.of(body.type, body.world)
                : WholeObject.copied(call, body);
        if (whole != null || WholeObject.written(call, body, values)) {
            return whole == null ? Flow.UNKNOWN : whole;
        }
        if (call.receiver() == null) {
            Flow inside = inside(call, used, expected);
            return inside == null ? bare(call, used, expected) : inside;
        }
        String path = body.world.library.rule(Rule.CALL_MAKES) ? NameResolver.path(call.receiver()) : null;
        if (path != null && body.scope.find(first(path)) == null) {
            CodeType made = body.world.names.known(path + "." + call.name(), body.from);
            if (made != null && !made.external() && made.kind() != TypeKind.MODULE) {
                return make(TypeText.of(path + "." + call.name()), call, expected);
            }
        }
        return null;
    }

    private Flow bare(Value.Call call, boolean used, TypeUse expected) {
        BodyScope.Local local = body.scope.find(call.name());
        if (local != null) {
            return apply(call, local.flow(), used, expected);
        }
        for (CodeType type = body.type; type != null; type = type.outer()) {
            if (body.world.seesMembers(type)) {
                if (!body.world.members.operations(type, call.name()).isEmpty()) {
                    return null;
                }
                Field field = body.world.members.field(type, call.name());
                if (field != null) {
                    boolean reads = call.arguments().isEmpty() && body.world.library.rule(Rule.READS_BY_CALL);
                    return reads ? Flow.ofOwn(field) : apply(call, Flow.ofOwn(field), used, expected);
                }
            }
        }
        FileScope.ModuleMember member = body.from.file().member(call.name());
        if (member != null) {
            Flow found = ofModule(call, member, used, expected);
            if (found != null) {
                return found;
            }
        }
        CodeType type = body.world.library.rule(Rule.CALL_MAKES)
                ? body.world.names.known(call.name(), body.from)
                : null;
        var outside = new FunctionsOutside(body.world);
        boolean function = type != null && outside.isOne(type, call.name(), body.type);
        if (type != null && type.kind() != TypeKind.MODULE && !function) {
            return make(TypeText.of(call.name()), call, expected);
        }
        List<Operation> free = outside.meant(call.name(), function ? type : null);
        if (!free.isEmpty()) {
            List<Flow> plain = calls.arguments().plain(call.arguments());
            Operation callee = calls.overloads().choose(free, call.arguments(), plain);
            return callee == null ? null : calls.called(call, callee, null, plain, used, expected);
        }
        if (type == null && body.world.library.rule(Rule.CALL_MAKES) && body.world.library.rule(Rule.CAPITAL_TYPES)
                && Character.isUpperCase(call.name().charAt(0)) && !body.world.library.makesContainer(call.name())
                && !body.world.library.unsupported(call.name())) {
            return make(TypeText.of(call.name()), call, expected);
        }
        return body.world.library.makesContainer(call.name())
                ? new ContainerCalls(body, values).made(call, expected)
                : null;
    }

    /** What is called in a block that is evaluated inside an object of a type that has it; null elsewhere. */
    private Flow inside(Value.Call call, boolean used, TypeUse expected) {
        List<Operation> meant = body.evaluatedIn() == null
                ? List.of()
                : body.world.members.operations(body.evaluatedIn().type().type(), call.name());
        if (meant.isEmpty()) {
            return null;
        }
        List<Flow> plain = calls.arguments().plain(call.arguments());
        return calls.called(call, calls.overloads().choose(meant, call.arguments(), plain),
                body.evaluatedIn(), plain, used, expected);
    }

    private Flow ofModule(Value.Call call, FileScope.ModuleMember member, boolean used, TypeUse expected) {
        List<Operation> named = body.world.members.operations(member.module(), member.name());
        if (!named.isEmpty()) {
            List<Flow> plain = calls.arguments().plain(call.arguments());
            Operation callee = calls.overloads().choose(named, call.arguments(), plain);
            return calls.called(call, callee == null ? named.getFirst() : callee, null, plain, used, expected);
        }
        Field field = body.world.members.field(member.module(), member.name());
        return field == null ? null : apply(call, Flow.ofOwn(field), used, expected);
    }

    private Flow make(TypeText type, Value.Call call, TypeUse expected) {
        return values.flow(new Value.Create(type, call.arguments(), null, call.at()), expected,
                body.holder(call));
    }

    private static String first(String path) {
        int dot = path.indexOf('.');
        return dot < 0 ? path : path.substring(0, dot);
    }

    /** A call of whichever operation the name put together comes out as. */
    Flow dispatched(Value.Call call, boolean used) {
        Flow receiver = call.receiver() == null
                ? Flow.of(new Origin.Self(body.type), TypeUse.of(body.type))
                : values.flow(call.receiver());
        CodeType type = receiver.type().dimensions() > 0 ? null : receiver.type().erased();
        List<Flow> given = call.arguments().stream().map(values::flow).toList();
        List<Operation> meant = type == null
                ? List.of()
                : BuiltName.operations(type, call.name(), body.world.supertypes);
        for (Operation callee : meant) {
            body.add(new Deed.Calls(callee, callee.name(), receiver, given, used, body.setting, call.at()));
        }
        if (meant.isEmpty()) {
            body.add(new Deed.Calls(null, call.name(), receiver, given, used, body.setting, call.at()));
        }
        Operation first = meant.isEmpty() ? null : meant.getFirst();
        return Flow.of(new Origin.Result(first, receiver.first()), first == null ? TypeUse.UNKNOWN : first.returns());
    }

    /** Null when the call is one of an operation of its receiver. */
    Flow onFlow(Value.Call call, Flow receiver, boolean used, TypeUse expected) {
        CodeType type = receiver.type().dimensions() > 0 ? null : receiver.type().erased();
        boolean isType = NameResolver.isType(receiver);
        if (isType && type != null && body.world.library.makes(call.name())
                && body.world.members.operations(type, call.name()).isEmpty()) {
            return make(TypeText.of(NameResolver.path(call.receiver()) == null || call.receiver() instanceof Value.Self
                    ? "." + type.qualifiedName()
                    : NameResolver.path(call.receiver())), call, expected);
        }
        Flow made = isType ? madeOfModule(call, type, expected) : madeByName(call, receiver, expected);
        if (made != null) {
            return made;
        }
        if (call.arguments().isEmpty() && body.world.library.passes(call.name())
                && !body.world.library.lists("freezes", call.name()) && type != null && !type.external()
                && body.world.members.operations(type, call.name()).isEmpty()) {
            return receiver;
        }
        if (body.world.library.refills(call.name()) && type != null && !type.external()
                && body.world.members.operations(type, call.name()).isEmpty()) {
            return refilled(call);
        }
        if (body.world.library.lists("makesInPlace", call.name()) && type != null && !type.external()
                && receiver.first() instanceof Origin.OfField) {
            return values.flow(new Value.Assign(call.receiver(), new Value.Create(TypeText.of("." + type
                    .qualifiedName()), call.arguments(), null, call.at()), true, call.at()));
        }
        if (call.name().equals("+=") || call.name().equals("-=")) {
            return Operators.named(call, receiver, body.world) == call ? counted(call, receiver) : null;
        }
        if (type != null && !body.world.members.operations(type, call.name()).isEmpty()) {
            return null;
        }
        Flow part = values.containers().isTogether(receiver.type()) ? functionIn(receiver) : null;
        if (part != null) {
            return apply(new Value.Call(null, Value.APPLY, call.arguments(), call.at()), part, used, expected);
        }
        Field field = type == null ? null : body.world.members.field(type, call.name());
        if (field != null) {
            Flow held = values.names().ofField(field, receiver, call.at());
            return call.arguments().isEmpty() && !isFunction(held) ? held : apply(call, held, used, expected);
        }
        if (body.world.library.invokes(call.name()) && (isFunction(receiver) || type == null || type.external()
                || call.name().equals(Value.APPLY))) {
            return apply(call, receiver, used, expected);
        }
        Operation extension = type == null ? null : extension(call.name(), type);
        return extension == null ? null : extended(call, extension, receiver, used);
    }

    private Flow refilled(Value.Call call) {
        Value given = call.arguments().isEmpty()
                ? new Value.Literal(Value.Literal.Kind.NULL, "null", call.at())
                : call.arguments().getFirst();
        return values.flow(new Value.Assign(call.receiver(), given, true, call.at()));
    }

    /** The function among what is kept together; null when there is none. */
    private Flow functionIn(Flow together) {
        Flow part = values.containers().element(together);
        CodeType type = part.type().dimensions() > 0 ? null : part.type().type();
        return type != null && type.kind() == TypeKind.FUNCTION ? part : null;
    }

    /** One of the kinds that the receiver stands for, or of a type from elsewhere; null when it is neither. */
    private Flow madeByName(Value.Call call, Flow receiver, TypeUse expected) {
        Flow made = body.world.library.makes(call.name()) ? madeOfKinds(call, receiver) : null;
        String unknown = receiver.equals(Flow.UNKNOWN) ? NameResolver.path(call.receiver()) : null;
        boolean elsewhere = made == null && unknown != null && body.world.library.makes(call.name())
                && body.world.library.rule(Rule.CAPITAL_TYPES)
                && NameResolver.isCapital(unknown);
        return elsewhere ? make(TypeText.of(unknown), call, expected) : made;
    }

    private Flow madeOfModule(Value.Call call, CodeType module, TypeUse expected) {
        String type = new FunctionsOutside(body.world).typeOfModule(call, module);
        return type == null ? null : make(TypeText.of(type), call, expected);
    }

    private boolean isFunction(Flow flow) {
        return flow.anyOf(Origin.OfFunction.class) || flow.type().type() != null
                && flow.type().type().kind() == TypeKind.FUNCTION;
    }

    /** {@code x += y}: adds to a list of those to tell, or counts. */
    private Flow counted(Value.Call call, Flow receiver) {
        boolean told = receiver.any(origin -> origin instanceof Origin.OfField(Field field, boolean _)
                && field.modifiers().has(Mark.EVENT))
                || isFunction(receiver) || values.containers().isContainer(receiver.type())
                || receiver.type().isUnknown() && values.containers()
                        .isContainer(values.quietly(call.arguments().getFirst()).type());
        if (!told) {
            return values.flow(new Value.Assign(call.receiver(), call.arguments().getFirst(), false, call.at()));
        }
        Operation accessor = accessor(receiver, call.name());
        if (accessor != null) {
            Flow on = call.receiver() instanceof Value.Member member
                    ? values.quietly(member.of())
                    : Flow.of(new Origin.Self(body.type), TypeUse.of(body.type));
            Flow one = values.flow(call.arguments().getFirst(), receiver.type(), "");
            body.add(new Deed.Calls(accessor, accessor.name(), on, List.of(one), false, body.setting, call.at()));
            return receiver;
        }
        Flow given = values.flow(only(call.arguments().getFirst()), values.containers().isContainer(receiver.type())
                && !isFunction(receiver) ? TypeUse.UNKNOWN : receiver.type(), "");
        body.add(new Deed.Calls(null, call.name(), receiver, List.of(given), false, body.setting, call.at()));
        return receiver;
    }

    /** What an event with accessors of its own does when somebody joins or leaves; null for all others. */
    private static Operation accessor(Flow event, String sign) {
        if (!(event.first() instanceof Origin.OfField(Field field, boolean _)) || !field.modifiers().has(Mark.EVENT)) {
            return null;
        }
        String name = (sign.equals("+=") ? "add_" : "remove_") + field.name();
        return field.home().operations().stream().filter(one -> one.name().equals(name)).findFirst().orElse(null);
    }

    /** What is joined to a container: of a list written in place with one element, the element. */
    static Value only(Value joined) {
        return joined instanceof Value.ArrayOf array && array.elements().size() == 1
                ? array.elements().getFirst()
                : joined;
    }

    private Operation extension(String name, CodeType type) {
        for (Operation operation : body.world.index.extensions(name)) {
            TypeUse first = operation.parameters().isEmpty()
                    ? TypeUse.UNKNOWN
                    : operation.parameters().getFirst().type();
            if (first.variable() != null || first.type() != null && body.world.supertypes.isA(type, first.type())) {
                return operation;
            }
        }
        return null;
    }

    private Flow extended(Value.Call call, Operation operation, Flow receiver, boolean used) {
        List<Flow> all = new ArrayList<>(List.of(receiver));
        for (int i = 0; i < call.arguments().size(); i++) {
            all.add(values.flow(call.arguments().get(i), Overloads.parameterType(operation, i + 1), ""));
        }
        var home = Flow.of(new Origin.OfType(operation.home()), TypeUse.of(operation.home()));
        body.add(new Deed.Calls(operation, operation.name(), home, all, used, body.setting, call.at()));
        return Flow.of(new Origin.Result(operation, receiver.first()), operation.returns());
    }

    /** Makes an object of the type that is handed over first. */
    Flow madeOfFirst(Value.Call call) {
        Value kind = call.arguments().getFirst();
        return madeOfKinds(new Value.Call(kind, call.name(), call.arguments().subList(1, call.arguments().size()),
                call.at()), values.flow(kind));
    }

    /** Makes an object of a type that reaches this place as a value; null when none is known to. */
    private Flow madeOfKinds(Value.Call call, Flow kind) {
        Set<CodeType> kinds = new LinkedHashSet<>();
        List<Origin> decided = new ArrayList<>(); // which one it is was decided where the type comes from
        for (Origin origin : kind.origins()) {
            Slots.Key key = Slots.key(origin);
            kinds.addAll(key == null ? Set.of() : body.world.kinds.getOrDefault(key, Set.of()));
            if (origin instanceof Origin.ElementOf(Origin.OfType(CodeType written))) { // in a table made here
                kinds.add(written);
            }
            boolean byName = call.receiver() == null || call.receiver() instanceof Value.Name;
            if (byName && origin instanceof Origin.OfType(CodeType named) && !named.external()
                    && named.kind() != TypeKind.MODULE
                    && body.world.library.rule(Rule.CALL_MAKES)) {
                kinds.add(named);
                continue;
            }
            decided.add(origin instanceof Origin.ElementOf ? new Origin.Result(null, origin) : origin);
        }
        if (kinds.isEmpty()) {
            return null;
        }
        List<Flow> given = call.arguments().stream().map(values::flow).toList();
        List<Origin> made = new ArrayList<>();
        for (CodeType type : kinds) {
            List<Operation> constructors = Members.constructors(type);
            body.add(new Deed.Creates(type, constructors.isEmpty() ? null : constructors.getFirst(), given,
                    body.setting, call.at()));
            made.add(new Origin.Fresh(type));
        }
        made.addAll(decided);
        CodeType common = body.world.supertypes.common(List.copyOf(kinds));
        return new Flow(made, common == null ? TypeUse.UNKNOWN : TypeUse.of(common));
    }

    /** Calls a function that is a value. */
    Flow apply(Value.Call call, Flow value, boolean used, TypeUse expected) {
        if (call.name().equals("bind")) {
            call.arguments().forEach(values::flow);
            return value;
        }
        Flow function = values.containers().holdsOne(value.type()) ? values.containers().element(value) : value;
        Flow told = calls.listeners().applied(call, function, used);
        if (told != null) {
            return told;
        }
        List<Operation> oneOf = called.of(function, call);
        Operation callee = oneOf.isEmpty() ? null : oneOf.getLast();
        CodeType type = Shapes.applied(function);
        boolean applies = call.receiver() == null || call.name().equals(Value.APPLY);
        Flow made = callee == null && applies ? madeOfKinds(call, function) : null;
        if (made != null) {
            return made;
        }
        if (callee == null && NameResolver.isType(function) && type != null && !type.external()
                && call.name().equals(Value.APPLY)) {
            return make(TypeText.of("." + type.qualifiedName()), call, expected);
        }
        List<Flow> given = new ArrayList<>();
        for (int i = 0; i < call.arguments().size(); i++) {
            TypeUse asked = callee == null ? TypeUse.UNKNOWN : Overloads.parameterType(callee, i);
            given.add(values.flow(call.arguments().get(i), asked, ""));
        }
        String name = callee == null ? Value.APPLY : callee.name();
        body.add(new Deed.Calls(callee, name, function, given, used, body.setting, call.at()));
        return Flow.of(new Origin.Result(callee, function.first()), called.result(oneOf));
    }

    /** An object written out where an interface is asked for realises it. */
    void realise(CodeType made, Value.Create create, TypeUse expected) {
        if (create.type() == null && expected.type() != null && expected.type() != made
                && expected.type().kind().promises() && made.supertypes().isEmpty()) {
            body.world.supertypes.add(made, expected);
        }
    }
}
