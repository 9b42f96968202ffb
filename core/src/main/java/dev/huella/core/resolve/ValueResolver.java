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
import java.util.ArrayList;
import java.util.List;

/** Resolves expressions: their type, where their value comes from, and the deeds inside them. */
final class ValueResolver {
    private final Body body;
    private final StepResolver steps;
    private final Containers containers;
    private final CallResolver calls;
    private final FunctionResolver functions;

    ValueResolver(Body body, StepResolver steps) {
        this.body = body;
        this.steps = steps;
        this.containers = new Containers(body.world.library);
        this.functions = new FunctionResolver(body, steps, this);
        this.calls = new CallResolver(body, this, functions, containers);
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
            case Value.Name name -> name(name);
            case Value.Self self -> self(self);
            case Value.Super _ -> Flow.of(new Origin.Self(body.type), superType());
            case Value.Literal literal -> Flow.of(new Origin.Constant(literal.text()), literalType(literal));
            case Value.Member member -> member(member);
            case Value.Call call -> calls.call(call, true, expected);
            case Value.Create create -> calls.create(create, steps.bodies(), expected);
            case Value.Construct construct -> calls.construct(construct);
            case Value.ArrayOf array -> array(array, expected);
            case Value.Function function -> functions.function(function, expected, holder);
            case Value.Reference reference -> functions.reference(reference, expected);
            case Value.Assign assign -> assign(assign);
            case Value.Either either -> steps.either(either, expected);
            case Value.Cast cast -> {
                TypeUse type = body.use(cast.type(), Mention.Kind.CAST, cast.at());
                yield flow(cast.value(), type, holder).as(type);
            }
            case Value.KindTest test -> kindTest(test);
            case Value.Element element -> {
                flow(element.index());
                yield containers.element(flow(element.of()));
            }
            case Value.Same same -> same(same);
            case Value.TypeName(var text, var at) -> typeName(body.use(text, Mention.Kind.OTHER, at));
            case Value.Computed computed -> computed(computed);
        };
        if (body.touched != null && !(value instanceof Value.Computed) && !(value instanceof Value.Literal)) {
            body.touched.add(flow);
        }
        return flow;
    }

    private Flow computed(Value.Computed computed) {
        TypeUse type = TypeUse.UNKNOWN;
        for (Value part : computed.parts()) {
            TypeUse of = flow(part).type();
            type = type.isUnknown() || of.text().equals("String") ? of : type;
        }
        return Flow.of(Origin.UNKNOWN, type);
    }

    private Flow typeName(TypeUse named) {
        CodeType type = body.world.index.qualified("java.lang.Class");
        return Flow.of(named.type() == null ? Origin.UNKNOWN : new Origin.OfType(named.type()),
                type == null ? TypeUse.UNKNOWN : TypeUse.of(type, List.of(named)));
    }

    private TypeUse literalType(Value.Literal literal) {
        return switch (literal.kind()) {
            case NULL -> TypeUse.UNKNOWN;
            case TRUTH -> TypeUse.primitive("boolean");
            case NUMBER -> TypeUse.primitive(numberType(literal.text()));
            case TEXT -> {
                CodeType text = literal.text().startsWith("'") ? null : body.world.index.qualified("java.lang.String");
                yield text == null ? TypeUse.primitive("char") : TypeUse.of(text);
            }
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

    private Flow self(Value.Self self) {
        CodeType of = body.type;
        if (self.outer() != null) {
            CodeType named = body.world.names.known(self.outer(), body.from);
            of = named == null ? of : named;
        }
        return Flow.of(new Origin.Self(of), selfUse(of));
    }

    private static TypeUse selfUse(CodeType type) {
        return TypeUse.of(type, type.variables()
                .stream()
                .map(variable -> new TypeUse(variable.name(), null, variable, List.of(), 0))
                .toList());
    }

    private Flow name(Value.Name name) {
        BodyScope.Local local = body.scope.find(name.name());
        if (local != null) {
            return local.flow();
        }
        for (CodeType type = body.type; type != null; type = type.outer()) {
            Field field = body.world.members.field(type, name.name());
            if (field != null) {
                return Flow.ofOwn(field);
            }
        }
        Field imported = importedField(name.name());
        if (imported != null) {
            return Flow.ofOwn(imported);
        }
        CodeType type = body.world.names.known(name.name(), body.from);
        return type == null ? Flow.UNKNOWN : Flow.of(new Origin.OfType(type), TypeUse.of(type));
    }

    private Field importedField(String name) {
        for (var seen : body.from.file().memberImports()) {
            String owner = seen.all() ? seen.name() : seen.name().substring(0, seen.name().lastIndexOf('.'));
            if (seen.all() || seen.name().endsWith("." + name)) {
                CodeType type = body.world.index.qualified(owner);
                Field field = type == null ? null : body.world.members.field(type, name);
                if (field != null) {
                    return field;
                }
            }
        }
        return null;
    }

    /** A member of a value, a static one, a nested type, or part of a qualified name. */
    private Flow member(Value.Member member) {
        String path = path(member);
        Flow of = path != null && isUnknownName(member) ? Flow.UNKNOWN : flow(member.of());
        CodeType owner = of.type().dimensions() > 0 ? null : of.type().erased();
        if (owner != null) {
            Field field = body.world.members.field(owner, member.name());
            if (field != null) {
                return ofField(field, of, member);
            }
            CodeType nested = isType(of) ? body.world.names.nested(owner, member.name()) : null;
            if (nested != null) {
                return Flow.of(new Origin.OfType(nested), TypeUse.of(nested));
            }
        }
        CodeType qualified = path == null ? null : body.world.index.qualified(path);
        if (qualified != null) {
            return Flow.of(new Origin.OfType(qualified), TypeUse.of(qualified));
        }
        return of.type().dimensions() > 0 ? Flow.of(Origin.UNKNOWN, TypeUse.primitive("int")) : Flow.UNKNOWN;
    }

    private Flow ofField(Field field, Flow of, Value.Member member) {
        if (isType(of)) {
            HeadResolver.mention(body.type, TypeUse.of(of.type().type()), Mention.Kind.STATIC, member.at());
        }
        boolean own = field.isStatic() || of.anyOf(Origin.Self.class);
        TypeUse type = field.type().substitute(Supertypes.bindings(of.type()));
        return Flow.of(new Origin.OfField(field, own), type);
    }

    static boolean isType(Flow flow) {
        return flow.origins().size() == 1 && flow.origins().getFirst() instanceof Origin.OfType
                && (flow.type().type() == null || !flow.type().type().qualifiedName().equals("java.lang.Class"));
    }

    /** {@code a.b.c} when the value is nothing but names; else null. */
    private static String path(Value value) {
        return switch (value) {
            case Value.Name name -> name.name();
            case Value.Member member -> {
                String of = path(member.of());
                yield of == null ? null : of + "." + member.name();
            }
            default -> null;
        };
    }

    private boolean isUnknownName(Value.Member member) {
        return member.of() instanceof Value.Name name && body.scope.find(name.name()) == null
                && name(name).equals(Flow.UNKNOWN);
    }

    private Flow array(Value.ArrayOf array, TypeUse expected) {
        TypeUse element = array.type() != null
                ? body.use(array.type(), Mention.Kind.OTHER, array.at())
                : expected.dimensions() > 0 ? expected.element() : expected;
        List<Origin> origins = new ArrayList<>();
        for (Value part : array.elements()) {
            for (Origin origin : flow(part, element, "").origins()) {
                if (origin instanceof Origin.Fresh || origin instanceof Origin.OfFunction) {
                    origins.add(origin);
                }
            }
        }
        if (origins.isEmpty()) {
            origins.add(Origin.UNKNOWN);
        }
        return new Flow(origins, element.array(Math.max(1, element == expected ? expected.dimensions() : 1)));
    }

    private Flow assign(Value.Assign assign) {
        if (assign.target() instanceof Value.Name name) {
            BodyScope.Local local = body.scope.find(name.name());
            if (local != null) {
                Flow given = flow(assign.value(), local.flow().type(), name.name());
                if (assign.plain()) {
                    local.assign(given);
                }
                return given;
            }
        }
        if (assign.target() instanceof Value.Element element) {
            flow(element.index());
            Flow container = flow(element.of());
            Flow given = flow(assign.value(), containers.element(container).type(), "");
            body.add(new Deed.Stores(container, given, body.setting, assign.at()));
            return given;
        }
        Flow target = flow(assign.target());
        Flow given = flow(assign.value(), target.type(), lastName(assign.target()));
        for (Origin origin : target.origins()) {
            if (origin instanceof Origin.OfField(Field field, boolean own)) {
                body.add(assign.plain()
                        ? new Deed.Sets(field, own, given, body.setting, assign.at())
                        : new Deed.Stores(target, given, body.setting, assign.at()));
            }
        }
        return given;
    }

    private static String lastName(Value target) {
        return switch (target) {
            case Value.Name name -> name.name();
            case Value.Member member -> member.name();
            default -> "";
        };
    }

    private Flow kindTest(Value.KindTest test) {
        Flow tested = flow(test.value());
        TypeUse type = body.use(test.type(), Mention.Kind.KIND_TEST, test.at());
        if (type.type() != null) {
            body.add(new Deed.AsksKind(tested, type.type(), body.setting, test.at()));
        }
        if (body.touched != null) {
            body.touched.add(tested);
        }
        return Flow.of(Origin.UNKNOWN, TypeUse.primitive("boolean"));
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
        return Flow.of(Origin.UNKNOWN, TypeUse.primitive("boolean"));
    }

    /** {@code x.getClass() == T.class} asks the kind as well as {@code instanceof} does. */
    private void askedByClass(Flow one, Flow other, Value.Same same) {
        for (Origin origin : one.origins()) {
            if (origin instanceof Origin.Result(Operation callee, Origin receiver) && callee != null
                    && callee.name().equals("getClass")
                    && other.origins().getFirst() instanceof Origin.OfType(CodeType kind)) {
                body.add(new Deed.AsksKind(Flow.of(receiver == null ? Origin.UNKNOWN : receiver, TypeUse.UNKNOWN), kind,
                        body.setting, same.at()));
            }
        }
    }
}
