package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.resolve.LibraryKnowledge.Rule;
import dev.huella.core.source.SourceSpan;
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
            case Value.Name name -> name(name, expected);
            case Value.Self self -> self(self);
            case Value.Super _ -> Flow.of(new Origin.Self(body.type), superType());
            case Value.Literal literal -> Flow.of(new Origin.Constant(literal.text()), literalType(literal));
            case Value.Member member -> member(member, expected);
            case Value.Call call -> calls.call(call, true, expected);
            case Value.Create create -> calls.create(create, steps.bodies(), expected);
            case Value.Construct construct -> calls.construct(construct);
            case Value.ArrayOf array -> array(array, expected);
            case Value.Function function -> functions.function(function, expected, holder);
            case Value.Reference reference -> functions.reference(reference, expected);
            case Value.Assign assign -> assign(assign);
            case Value.Either either -> steps.either(either, expected);
            case Value.Fallback fallback -> steps.fallback(fallback, expected, holder);
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
            case Value.Labelled labelled -> flow(labelled.value(), expected, holder);
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
        CodeType type = body.world.library.root().isEmpty() ? null : body.world.index.qualified("java.lang.Class");
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
                yield text != null
                        ? TypeUse.of(text)
                        : TypeUse.primitive(body.world.library.root().isEmpty() ? "string" : "char");
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

    private Flow name(Value.Name name, TypeUse expected) {
        BodyScope.Local local = body.scope.find(name.name());
        if (local != null) {
            return local.flow();
        }
        for (CodeType type = body.type; type != null; type = type.outer()) {
            if (seesMembers(type)) {
                Flow own = own(type, name, expected);
                if (own != null) {
                    return own;
                }
            }
        }
        Flow module = ofModule(name, expected);
        if (module != null) {
            return module;
        }
        Field imported = importedField(name.name());
        if (imported != null) {
            return Flow.ofOwn(imported);
        }
        CodeType type = body.world.names.known(name.name(), body.from);
        return type == null ? Flow.UNKNOWN : Flow.of(new Origin.OfType(type), TypeUse.of(type));
    }

    /** True when bare names inside the type may mean its members. */
    boolean seesMembers(CodeType type) {
        return body.world.library.rule(Rule.IMPLICIT_SELF) || type.kind() == TypeKind.MODULE
                || type.kind() == TypeKind.FUNCTION || type.kind() == TypeKind.OBJECT;
    }

    /** A field, a property, or an operation meant as a value; null when the type has none of that name. */
    private Flow own(CodeType type, Value.Name name, TypeUse expected) {
        Field field = body.world.members.field(type, name.name());
        if (field != null) {
            return Flow.ofOwn(field);
        }
        if (body.from.file().facts().language().equals("java")) {
            return null;
        }
        List<Operation> named = body.world.members.operations(type, name.name());
        if (named.isEmpty() || named.getFirst().home().external()) {
            return null;
        }
        Flow self = Flow.of(new Origin.Self(type), selfUse(type));
        Flow read = read(named, self, name.at());
        return read != null
                ? read
                : named.getFirst().kind() == OperationDeclared.Kind.OPERATION
                        ? functions.meant(named.getFirst(), self, expected, name.at())
                        : null;
    }

    /** The value of a property with an operation behind it; null when there is none. */
    Flow read(List<Operation> named, Flow of, SourceSpan at) {
        for (Operation operation : named) {
            if (operation.modifiers().has(Mark.GETTER)) {
                body.add(new Deed.Calls(operation, operation.name(), of, List.of(), true, body.setting, at));
                return Flow.of(new Origin.Result(operation, of.first()),
                        operation.returns().substitute(Supertypes.bindings(of.type())));
            }
        }
        return null;
    }

    /** A variable or function outside types. */
    private Flow ofModule(Value.Name name, TypeUse expected) {
        if (body.from.file().facts().language().equals("java")) {
            return null;
        }
        FileScope.ModuleMember member = body.from.file().member(name.name());
        if (member == null && body.world.library.rule(Rule.GLOBAL_FUNCTIONS)) {
            CodeType module = body.world.index.moduleOfVariable(name.name());
            member = module != null
                    ? new FileScope.ModuleMember(module, name.name())
                    : body.world.index.functions(name.name()).isEmpty()
                            ? null
                            : new FileScope.ModuleMember(body.world.index.functions(name.name()).getFirst().home(),
                                    name.name());
        }
        return member == null ? null : own(member.module(), new Value.Name(member.name(), name.at()), expected);
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
    private Flow member(Value.Member member, TypeUse expected) {
        String path = path(member);
        CodeType named = path == null ? null : typeByPath(path);
        if (named != null) {
            return Flow.of(new Origin.OfType(named), TypeUse.of(named));
        }
        Flow of = path != null && isUnknownName(member) ? Flow.UNKNOWN : flow(member.of());
        CodeType owner = of.type().dimensions() > 0 ? null : of.type().erased();
        if (owner != null) {
            Flow found = ofOwner(owner, of, member, expected);
            if (found != null) {
                return found;
            }
        }
        CodeType qualified = path == null ? null : body.world.index.qualified(path);
        if (qualified != null) {
            return Flow.of(new Origin.OfType(qualified), TypeUse.of(qualified));
        }
        if (containers.isContainer(of.type()) && !body.from.file().facts().language().equals("java")) {
            Flow part = containers.byName(member.name(), of, TypeUse.UNKNOWN);
            return part == null ? Flow.UNKNOWN : part;
        }
        return of.type().dimensions() > 0 ? Flow.of(Origin.UNKNOWN, TypeUse.primitive("int")) : Flow.UNKNOWN;
    }

    private Flow ofOwner(CodeType owner, Flow of, Value.Member member, TypeUse expected) {
        Field field = body.world.members.field(owner, member.name());
        if (field != null) {
            return ofField(field, of, member.at());
        }
        CodeType nested = isType(of) ? body.world.names.nested(owner, member.name()) : null;
        if (nested != null) {
            return Flow.of(new Origin.OfType(nested), TypeUse.of(nested));
        }
        if (body.from.file().facts().language().equals("java") || owner.external()) {
            return null;
        }
        List<Operation> named = body.world.members.operations(owner, member.name());
        if (named.isEmpty() || named.getFirst().home().external()) {
            return null;
        }
        Flow read = read(named, of, member.at());
        return read != null ? read : functions.meant(named.getFirst(), of, expected, member.at());
    }

    /** A type named through modules or namespaces; null in Java, where the longer way is taken. */
    private CodeType typeByPath(String path) {
        if (body.from.file().facts().language().equals("java")
                || body.scope.find(path.substring(0, path.indexOf('.'))) != null) {
            return null;
        }
        CodeType type = body.world.names.known(path, body.from);
        return type == null || type.external() ? null : type;
    }

    Flow ofField(Field field, Flow of, SourceSpan at) {
        if (isType(of)) {
            HeadResolver.mention(body.type, TypeUse.of(of.type().type()), Mention.Kind.STATIC, at);
        }
        boolean own = field.isStatic() || of.anyOf(Origin.Self.class);
        TypeUse type = field.type().substitute(Supertypes.bindings(of.type()));
        return Flow.of(new Origin.OfField(field, own), type);
    }

    static boolean isType(Flow flow) {
        return flow.origins().size() == 1 && flow.first() instanceof Origin.OfType
                && (flow.type().type() == null || !flow.type().type().qualifiedName().equals("java.lang.Class"));
    }

    /** {@code a.b.c} when the value is nothing but names; else null. */
    static String path(Value value) {
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
                && name(name, TypeUse.UNKNOWN).equals(Flow.UNKNOWN);
    }

    private Flow array(Value.ArrayOf array, TypeUse expected) {
        boolean container = array.type() == null && expected.dimensions() == 0 && containers.isContainer(expected);
        TypeUse element = array.type() != null
                ? body.use(array.type(), Mention.Kind.OTHER, array.at())
                : container
                        ? containers.element(new Flow(List.of(), expected)).type()
                        : expected.dimensions() > 0 ? expected.element() : expected;
        boolean asAsked = element == expected;
        List<Origin> origins = new ArrayList<>();
        List<CodeType> kinds = new ArrayList<>();
        for (Value part : array.elements()) {
            Flow flow = flow(part, element, "");
            for (Origin origin : flow.origins()) {
                if (origin instanceof Origin.Fresh || origin instanceof Origin.OfFunction) {
                    origins.add(origin);
                }
            }
            kinds.add(flow.type().dimensions() > 0 ? null : flow.type().type());
        }
        if (element.isUnknown() && !kinds.isEmpty() && !kinds.contains(null)) {
            CodeType common = body.world.supertypes.common(kinds);
            element = common == null ? element : TypeUse.of(common);
        }
        if (origins.isEmpty()) {
            origins.add(Origin.UNKNOWN);
        }
        return new Flow(origins, container && (!element.isUnknown() || !expected.arguments().isEmpty())
                ? expected
                : element.array(Math.max(1, asAsked ? expected.dimensions() : 1)));
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
        Operation setter = setter(assign.target());
        if (setter != null) {
            return written(setter, assign);
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

    /** The operation behind a property that is written to; null for fields. */
    private Operation setter(Value target) {
        if (body.from.file().facts().language().equals("java")) {
            return null;
        }
        return switch (target) {
            case Value.Member member -> {
                CodeType owner = quietly(member.of()).type().erased();
                yield owner == null ? null : setter(owner, member.name());
            }
            case Value.Name name -> {
                Operation found = null;
                for (CodeType type = body.type; type != null && found == null; type = type.outer()) {
                    found = seesMembers(type) ? setter(type, name.name()) : null;
                }
                yield found;
            }
            default -> null;
        };
    }

    private Operation setter(CodeType owner, String name) {
        return body.world.members.operations(owner, name)
                .stream()
                .filter(operation -> operation.modifiers().has(Mark.SETTER) && operation != body.operation)
                .findFirst()
                .orElse(null);
    }

    private Flow written(Operation setter, Value.Assign assign) {
        Flow of = assign.target() instanceof Value.Member member
                ? flow(member.of())
                : Flow.of(new Origin.Self(body.type), selfUse(body.type));
        TypeUse asked = setter.parameters().isEmpty() ? TypeUse.UNKNOWN : setter.parameters().getFirst().type();
        Flow given = flow(assign.value(), asked, lastName(assign.target()));
        body.add(new Deed.Calls(setter, setter.name(), of, List.of(given), false, body.setting, assign.at()));
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
                    && other.first() instanceof Origin.OfType(CodeType kind)) {
                body.add(new Deed.AsksKind(Flow.of(receiver == null ? Origin.UNKNOWN : receiver, TypeUse.UNKNOWN), kind,
                        body.setting, same.at()));
            }
        }
    }
}
