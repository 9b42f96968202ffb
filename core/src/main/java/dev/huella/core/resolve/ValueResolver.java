package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Resolves expressions: their type, where their value comes from, and the deeds inside them. */
final class ValueResolver {
    /** What objects written in place are read as where nothing else is asked for. */
    private static final String RECORD = "Record";
    /** Several values handed on as one have no single type. */
    private static final Set<String> SEVERAL = Set.of("tuple_expression", "tuple", "expression_list");
    /** Nothing in brackets. */
    private static final Set<String> BOTH = Set.of("&&", "and", "conjunction_expression");
    private static final Set<String> ANY = Set.of("||", "or", "disjunction_expression");
    private static final Set<String> JOINS = Set.of("+", "|");
    private static final Set<String> TESTS = Set.of("<", ">", "<=", ">=", "&&", "||", "!", "not", "and", "or", "in",
            "not in", "comparison_expression", "conjunction_expression", "disjunction_expression");
    private final Body body;
    private final StepResolver steps;
    private final Containers containers;
    private final Kinds kinds;
    private final WrittenLists lists;
    private final CallResolver calls;
    private final Operators operators;
    private final FunctionResolver functions;
    private final NameResolver names;
    private final AssignResolver assigns;

    ValueResolver(Body body, StepResolver steps) {
        this.body = body;
        this.steps = steps;
        this.kinds = new Kinds(body);
        this.containers = new Containers(body.world.library, body.world.ownSteps);
        this.functions = new FunctionResolver(body, steps, this);
        this.lists = new WrittenLists(body, this, functions);
        this.names = new NameResolver(body, this, functions);
        this.assigns = new AssignResolver(body, this);
        this.calls = new CallResolver(body, this, functions, containers);
        this.operators = new Operators(body.world, calls);
    }

    NameResolver names() {
        return names;
    }

    /** What tests found. */
    Kinds kinds() {
        return kinds;
    }

    Containers containers() {
        return containers;
    }

    Flow flow(Value value) {
        return flow(value, TypeUse.UNKNOWN, "");
    }

    /** The same without noting any deed again: for a value that was resolved before. */
    Flow quietly(Value value) {
        int before = body.deeds.size();
        Flow flow = flow(value);
        while (body.deeds.size() > before) {
            body.deeds.removeLast();
        }
        return flow;
    }

    /** True for conditions that must all hold, in order. */
    static boolean isBoth(Value.Computed computed) {
        return BOTH.contains(computed.sign()) && computed.parts().size() > 1;
    }

    /** True for conditions of which one is enough, in order. */
    static boolean isAny(Value.Computed computed) {
        return ANY.contains(computed.sign()) && computed.parts().size() > 1;
    }

    /** A value computed for its effect only. */
    void effect(Value value) {
        if (value instanceof Value.Call call) {
            calls.call(call, false, TypeUse.UNKNOWN);
        } else {
            flow(value);
        }
    }

    /**
     * Resolves a value.
     *
     * @param expected the type asked for here, unknown where none is
     * @param holder the variable that gets it, or empty; functions are named after it
     */
    Flow flow(Value value, TypeUse expected, String holder) {
        Flow flow = switch (value) {
            case Value.Name name -> {
                Flow function = functions.heldBy(name, expected);
                yield function == null ? kinds.known(name, names.name(name, expected)) : function;
            }
            case Value.Self self -> self(self);
            case Value.Super _ -> Flow.of(new Origin.Self(body.type), superType());
            case Value.Literal literal -> Flow.of(new Origin.Constant(literal.text()), literalType(literal));
            case Value.Member member -> kinds.known(member, names.member(member, expected));
            case Value.Call call -> calls.call(call, true, expected);
            case Value.Create create -> {
                Flow function = ofInterface(create, holder);
                yield function == null ? calls.create(create, steps.bodies(), expected) : function;
            }
            case Value.Construct construct -> calls.construct(construct);
            case Value.ArrayOf array -> {
                Value.Reference operation = lists.operation(array, expected);
                yield operation == null ? lists.list(array, expected) : functions.reference(operation, expected);
            }
            case Value.Function function -> functions.function(function, expected, holder);
            case Value.Reference reference -> functions.reference(reference, expected);
            case Value.Assign assign -> assigns.assign(assign);
            case Value.Either either -> steps.either(either, expected);
            case Value.Fallback fallback -> steps.fallback(fallback, expected, holder);
            case Value.Cast(var type, Value.ArrayOf object, var at) when isFilled(type, expected) ->
                filled(object, expected, at);
            case Value.Cast(var type, Value.ArrayOf(var _, var given, var _), var at) when isMade(type) ->
                calls.create(new Value.Create(type, given, null, at), steps.bodies(), expected);
            case Value.Cast cast -> {
                TypeUse type = body.use(cast.type(), Mention.Kind.CAST, cast.at());
                boolean same = type.type() == expected.type()
                        && (type.text().equals(expected.text()) || type.type() != null && type.arguments().isEmpty());
                TypeUse asked = same || keepSameFunctions(type, expected) ? expected : lists.table(type, cast.value());
                yield flow(cast.value(), asked, holder).as(asked);
            }
            case Value.KindTest test -> kindTest(test);
            case Value.Element element -> element(element, expected);
            case Value.Same same -> same(same);
            case Value.TypeName(var text, var at) -> typeName(body.use(text, Mention.Kind.OTHER, at));
            case Value.Labelled labelled -> flow(labelled.value(), expected, holder);
            case Value.Computed computed -> computed(computed);
        };
        if (body.touched != null && !(value instanceof Value.Computed) && !(value instanceof Value.Literal)) {
            body.touched.add(flow);
        }
        return flow;
    }

    /** What lies at a place in a container, or what is behind brackets that are a call. */
    private Flow element(Value.Element element, TypeUse expected) {
        Value.Call read = Indexers.read(element, this, body.world);
        if (read != null) {
            return calls.call(read, true, expected);
        }
        flow(element.index());
        Flow of = flow(element.of());
        Field part = Indexers.part(of.type(), element.index(), body.world);
        if (part != null) {
            return names.ofField(part, of, element.at());
        }
        if (of.type().isUnknown() && of.anyOf(Origin.OfParameter.class) && element.isPart()) {
            return Flow.UNKNOWN; // it may be no list at all
        }
        Flow function = body.world.library.rule(Rule.DYNAMIC) ? functions.oneOf(of, expected, element.at()) : null;
        Flow named = function == null && element.index() instanceof Value.Literal(var _, String text, var _)
                ? body.world.entries.get(of, text.replaceAll("[\"'`]", ""))
                : function;
        return named == null ? containers.element(of) : named;
    }

    private Flow computed(Value.Computed computed) {
        TypeUse type = TypeUse.UNKNOWN;
        boolean any = isAny(computed);
        if ((any || isBoth(computed)) && body.touched == null) {
            Flow last = any ? steps.unless(computed) : steps.last(computed);
            return !any && body.world.library.rule(Rule.BOTH_GIVE_LAST)
                    ? last
                    : Flow.of(Origin.UNKNOWN, body.world.literal("boolean"));
        }
        if (TESTS.contains(computed.sign())) {
            computed.parts().forEach(this::flow);
            return Flow.of(Origin.UNKNOWN, body.world.literal("boolean"));
        }
        if (SEVERAL.contains(computed.sign())) {
            computed.parts().forEach(this::flow);
            return Flow.UNKNOWN;
        }
        List<Origin> joined = new ArrayList<>();
        List<Flow> parts = operators.parts(computed, this);
        Flow whole = operators.whole(computed, parts);
        if (whole != null) {
            return whole;
        }
        boolean open = !parts.isEmpty() && parts.getFirst().type().isUnknown() && operators.canMean(computed.sign());
        String text = computed.sign().equals("+") ? body.world.literal("string").text() : "String";
        for (Flow of : parts) {
            type = type.isUnknown() && !open || of.type().text().equals(text) ? of.type() : type;
            if (JOINS.contains(computed.sign()) && containers.isContainer(of.type())) {
                of.origins()
                        .stream()
                        .filter(WrittenLists::isKept)
                        .forEach(origin -> joined.add(Containers.copy(origin, true)));
            }
        }
        if (!joined.isEmpty()) {
            return new Flow(joined, type); // a list of what lies in others
        }
        return Flow.of(Origin.UNKNOWN, computed.sign().equals("text") ? body.world.literal("string") : type);
    }

    private Flow typeName(TypeUse named) {
        CodeType type = body.world.library.root().isEmpty() ? null : body.world.index.qualified("java.lang.Class");
        return Flow.of(named.type() == null ? Origin.UNKNOWN : new Origin.OfType(named.type()),
                type == null ? TypeUse.UNKNOWN : TypeUse.of(type, List.of(named)));
    }

    private TypeUse literalType(Value.Literal literal) {
        return switch (literal.kind()) {
            case NULL -> TypeUse.UNKNOWN;
            case TRUTH -> body.world.literal("boolean");
            case NUMBER, PLACE -> body.world.literal(numberType(literal.text()));
            case TEXT -> literal.text().startsWith("'") && !body.world.library.root().isEmpty()
                    ? body.world.literal("char")
                    : body.world.literal("string");
        };
    }

    private static String numberType(String text) {
        char last = Character.toLowerCase(text.charAt(text.length() - 1));
        boolean hex = text.startsWith("0x") || text.startsWith("0X");
        return last == 'l' ? "long" : last == 'f' && !hex ? "float" : text.contains(".") && !hex ? "double" : "int";
    }

    private TypeUse superType() {
        return body.type.supertypes().isEmpty() ? TypeUse.UNKNOWN : body.type.supertypes().getFirst();
    }

    /** A function handed to the name of an interface is an object of it; null for everything else. */
    private Flow ofInterface(Value.Create create, String holder) {
        if (create.body() != null || create.arguments().size() != 1 || create.type() == null
                || !(create.arguments().getFirst() instanceof Value.Function function)) {
            return null;
        }
        CodeType named = body.world.names.known(create.type().name(), body.from);
        return named == null || named.external() || body.world.members.single(named) == null
                ? null
                : functions.function(function, body.use(create.type(), Mention.Kind.CREATED, create.at()), holder);
    }

    private Flow self(Value.Self self) {
        CodeType of = body.type;
        Flow inside = self.outer() == null ? body.evaluatedIn() : null;
        if (inside != null && !(inside.first() instanceof Origin.Unknown)) {
            return inside;
        }
        if (self.outer() != null && !self.outer().equals(Value.Self.INSIDE)) {
            Operation around = around(self.outer());
            CodeType named = around != null ? around.home() : body.world.names.known(self.outer(), body.from);
            of = named == null ? of : named;
        }
        return Flow.of(new Origin.Self(of), NameResolver.selfUse(of));
    }

    /** The operation of that name around this body, whose object is meant; null when there is none. */
    private Operation around(String name) {
        for (Body at = body; at != null; at = at.enclosing) {
            if (at.operation.name().equals(name) && !at.operation.isStatic()) {
                return at.operation;
            }
        }
        return null;
    }

    /** An object written in place where a type of the code base is asked for that has values only. */
    private static boolean isFilled(TypeText written, TypeUse expected) {
        CodeType type = expected.dimensions() > 0 ? null : expected.type();
        return written.name().equals(RECORD) && type != null && !type.external() && type.kind() == TypeKind.INTERFACE
                && type.operations().isEmpty() && !type.fields().isEmpty();
    }

    /** What stands in braces behind a type of the code base is handed to its constructor, unless it asks for a list. */
    private boolean isMade(TypeText written) {
        CodeType type = body.world.library.rule(Rule.OBJECTS_IN_PLACE)
                ? body.world.names.use(written, body.from).type()
                : null;
        return type != null && !type.external() && Members.constructors(type)
                .stream()
                .flatMap(made -> made.parameters().stream())
                .noneMatch(given -> given.type().text().contains("initializer_list"));
    }

    /** A container of functions that is written in place, where a field asks for one: what it asks for is known there. */
    private boolean keepSameFunctions(TypeUse written, TypeUse expected) {
        if (!containers.isContainer(written) || !containers.isContainer(expected)) {
            return false;
        }
        CodeType one = containers.element(new Flow(List.of(), written)).type().type();
        CodeType asked = containers.element(new Flow(List.of(), expected)).type().type();
        return one != null && asked != null && one.shape() && one.place() == null && asked.place() != null
                && Shapes.isFunction(one) && Shapes.isFunction(asked);
    }

    private Flow filled(Value.ArrayOf object, TypeUse expected, SourceSpan at) {
        CodeType type = expected.type();
        body.add(new Deed.Creates(type, null, List.of(), body.setting, at));
        for (Value part : object.elements()) {
            Field field = part instanceof Value.Labelled(String name, var _, var _)
                    ? body.world.members.field(type, name)
                    : null;
            Flow given = flow(part, field == null ? TypeUse.UNKNOWN : field.type(), "");
            if (field != null) {
                body.add(new Deed.Sets(field, false, given, body.setting, part.at()));
            }
        }
        return Flow.of(new Origin.Fresh(type), TypeUse.of(type));
    }

    private Flow kindTest(Value.KindTest test) {
        Flow tested = flow(test.value());
        TypeUse type = test.type() == null
                ? TypeUse.UNKNOWN
                : body.use(test.type(), Mention.Kind.KIND_TEST, test.at());
        if (type.type() != null) {
            body.add(new Deed.AsksKind(tested, type.type(), body.setting, test.at()));
        }
        if (body.touched != null) {
            body.touched.add(tested);
        }
        return Flow.of(Origin.UNKNOWN, body.world.literal("boolean"));
    }

    private Flow same(Value.Same same) {
        Flow left = flow(same.left());
        Flow right = flow(same.right());
        if (Conditions.isNull(same.right())) {
            Conditions.noteAbsence(same, left, body);
        } else if (Conditions.isNull(same.left())) {
            Conditions.noteAbsence(same, right, body);
        } else {
            askedByClass(left, right, same);
            askedByClass(right, left, same);
        }
        return Flow.of(Origin.UNKNOWN, body.world.literal("boolean"));
    }

    /** {@code x.getClass() == T.class} asks the kind as well as {@code instanceof} does. */
    private void askedByClass(Flow one, Flow other, Value.Same same) {
        for (Origin origin : one.origins()) {
            if (origin instanceof Origin.Result(Operation callee, Origin receiver) && callee != null
                    && callee.name().equals("getClass")
                    && other.first() instanceof Origin.OfType(CodeType kind)) {
                body.add(new Deed.AsksKind(Flow.of(receiver == null ? Origin.UNKNOWN : receiver, TypeUse.UNKNOWN), kind,
                        body.setting, same.at()));
            }
        }
    }
}
