package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
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
import java.util.List;
import java.util.concurrent.ConcurrentHashMap;

/** Gives names in bodies their meaning: variables, fields, properties, modules, types, operations meant as values. */
final class NameResolver {
    private final Body body;
    private final ValueResolver values;
    private final FunctionResolver functions;

    NameResolver(Body body, ValueResolver values, FunctionResolver functions) {
        this.body = body;
        this.values = values;
        this.functions = functions;
    }

    static TypeUse selfUse(CodeType type) {
        return TypeUse.of(type, type.variables()
                .stream()
                .map(variable -> new TypeUse(variable.name(), null, variable, List.of(), 0))
                .toList());
    }

    Flow name(Value.Name name, TypeUse expected) {
        BodyScope.Local local = body.scope.find(name.name());
        if (local != null) {
            return local.flow();
        }
        Flow inside = body.evaluatedIn();
        Field ofObject = inside == null ? null : body.world.members.field(inside.type().type(), name.name());
        if (ofObject != null) {
            return ofField(ofObject, inside, name.at());
        }
        for (CodeType type = body.type; type != null; type = type.outer()) {
            if (body.world.seesMembers(type)) {
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
        named(type, name.at());
        if (type != null && type.kind() == TypeKind.CLASS && body.type.kind() != TypeKind.MODULE
                && body.world.library.rule(Rule.DYNAMIC)) {
            HeadResolver.mention(body.type, TypeUse.of(type), Mention.Kind.OTHER, name.at()); // handed on as a value
        }
        return type == null ? Flow.UNKNOWN : Flow.of(new Origin.OfType(type), TypeUse.of(type));
    }

    /** The name of a language-level object is its one object. */
    private void named(CodeType type, SourceSpan at) {
        if (type != null && type.kind() == TypeKind.OBJECT) {
            HeadResolver.mention(body.type, TypeUse.of(type), Mention.Kind.STATIC, at);
        }
    }

    /** A field, a property, or an operation meant as a value; null when the type has none of that name. */
    private Flow own(CodeType type, Value.Name name, TypeUse expected) {
        Field field = body.world.members.field(type, name.name());
        if (field != null) {
            body.reads(field);
            return Flow.ofOwn(field);
        }
        if (body.from.isJava()) {
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
                TypeUse seen = body.world.supertypes.as(of.type(), operation.home());
                return Flow.of(new Origin.Result(operation, of.first()),
                        operation.returns().substitute(Supertypes.bindings(seen == null ? of.type() : seen)));
            }
        }
        return null;
    }

    /** A variable or function outside types. */
    private Flow ofModule(Value.Name name, TypeUse expected) {
        if (body.from.isJava()) {
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
    Flow member(Value.Member member, TypeUse expected) {
        Flow whole = WholeObject.is(member, body.world.library) ? WholeObject.of(body.type, body.world) : null;
        if (whole != null) {
            return whole;
        }
        String path = path(member);
        CodeType named = path == null ? null : typeByPath(path);
        if (named != null) {
            named(named, member.at());
            return Flow.of(new Origin.OfType(named), TypeUse.of(named));
        }
        Flow of = path != null && isUnknownName(member)
                ? Flow.UNKNOWN
                : settled(values.flow(member.of()), member.name());
        CodeType owner = of.type().dimensions() > 0 ? null : of.type().erased();
        if (owner != null) {
            Flow found = ofOwnerOrLanguage(owner, of, member, expected);
            if (found != null) {
                return found;
            }
        }
        boolean ofLibrary = of == Flow.UNKNOWN || isType(of) && of.type().type().external();
        if (path != null && ofLibrary && body.world.library.lists("neutralNames", member.name())) {
            return Flow.of(new Origin.Constant("0"), isType(of) ? of.type() : TypeUse.UNKNOWN);
        }
        if (isPair(of, member.name())) {
            return of; // it stands for what the map keeps
        }
        Flow inside = body.world.entries.get(of, member.name());
        if (inside != null) {
            return inside;
        }
        CodeType qualified = path == null ? null : body.world.index.qualified(path);
        if (qualified != null) {
            return Flow.of(new Origin.OfType(qualified), TypeUse.of(qualified));
        }
        return part(member, of);
    }

    /** What a member means of something that keeps several; of anything else it is not known. */
    private Flow part(Value.Member member, Flow of) {
        Flow entry = of.type().dimensions() == 0 && of.type().type() != null
                && body.world.library.lists("namedEntries", of.type().type().name())
                        ? values.containers().element(of)
                        : Flow.UNKNOWN;
        if (values.containers().isContainer(entry.type())) {
            return entry; // one of several lists under names; one of several objects says nothing of the others
        }
        if (values.containers().isTogether(of.type())) {
            return of; // which part it is does not matter: what matters is what has the operation that is asked for next
        }
        if (values.containers().isContainer(of.type()) && body.world.library.passes(member.name())) {
            return of.as(values.containers().element(of).type());
        }
        if (values.containers().isContainer(of.type()) && !body.from.isJava()) {
            Flow part = values.containers().byName(member.name(), of, TypeUse.UNKNOWN);
            return part == null ? Flow.UNKNOWN : part;
        }
        if (of.type().dimensions() > 0) {
            return Flow.of(Origin.UNKNOWN, TypeUse.primitive(body.world.library.literal("int")));
        }
        return unknown(member, of);
    }

    /** Whether a member of one of the pairs of a map is asked for, which may keep a list. */
    private boolean isPair(Flow of, String part) {
        boolean list = body.world.library.rule(Rule.OBJECTS_IN_PLACE) && of.anyOf(Origin.CopyOf.class);
        return body.world.library.oneElement(part) && !values.containers().holdsOne(of.type())
                && (list || of.anyOf(Origin.ElementOf.class));
    }

    /**
     * What was waited for, lies in a pair, or where several lie in a row is the one in front, where a member of that is asked
     * for and not one of what promises or holds it.
     */
    Flow settled(Flow of, String name) {
        TypeUse awaited = of.type().awaited();
        boolean inside = values.containers().isTogether(of.type())
                || of.type().dimensions() > 0 && body.world.library.rule(Rule.OBJECTS_IN_PLACE);
        Flow given = awaited != of.type() ? of.as(awaited) : inside ? values.containers().element(of) : of;
        CodeType type = given == of || given.type().dimensions() > 0 ? null : given.type().type();
        boolean asked = type != null && !type.external() && (body.world.members.field(type, name) != null
                || !body.world.members.operations(type, name).isEmpty());
        return asked ? given : of;
    }

    /** A member that nothing declares; places without a type are noted, since it tells of what they hold. */
    private Flow unknown(Value.Member member, Flow of) {
        boolean inside = body.world.library.rule(Rule.DYNAMIC) && !isType(of) && of.first() != Origin.UNKNOWN;
        if (inside && body.world.inferring && Slots.key(of.first()) instanceof Slots.Key key) {
            body.world.reads.computeIfAbsent(key, one -> ConcurrentHashMap.newKeySet()).add(member.name());
        }
        if (inside && body.world.inferring && of.first() instanceof Origin.Self(CodeType self)) {
            body.world.late.asked(self, member.name());
        }
        return inside ? Flow.of(new Origin.Result(null, of.first()), TypeUse.UNKNOWN) : Flow.UNKNOWN;
    }

    private Flow ofOwnerOrLanguage(CodeType owner, Flow of, Value.Member member, TypeUse expected) {
        Flow found = ofOwner(owner, of, member, expected);
        return found == null ? Enumerations.member(of, member.name(), body.world.library) : found;
    }

    private Flow ofOwner(CodeType owner, Flow of, Value.Member member, TypeUse expected) {
        Field field = body.world.members.field(owner, member.name());
        if (field != null) {
            Flow asked = promised(owner, field, of, member);
            return asked == null ? ofField(field, of, member.at()) : asked;
        }
        CodeType nested = isType(of) ? body.world.names.nested(owner, member.name()) : null;
        if (nested != null) {
            return Flow.of(new Origin.OfType(nested), TypeUse.of(nested));
        }
        if (body.from.isJava() || owner.external()) {
            return null;
        }
        List<Operation> named = body.world.members.operations(owner, member.name());
        if (named.isEmpty() || named.getFirst().home().external()) {
            return null;
        }
        Flow read = read(named, of, member.at());
        return read != null ? read : functions.meant(named.getFirst(), of, expected, member.at());
    }

    /** A property of another object that a type above it asks for is read by asking; null where it is a plain field. */
    private Flow promised(CodeType owner, Field field, Flow of, Value.Member member) {
        if (field.isStatic() || of.anyOf(Origin.Self.class) || isType(of) || owner.external()
                || body.from.isJava()) { // no properties there
            return null;
        }
        List<Operation> asked = body.world.members.operations(owner, member.name())
                .stream()
                .filter(operation -> operation.isAbstract() && operation.parameters().isEmpty())
                .toList();
        return asked.isEmpty() ? null : read(asked, of, member.at());
    }

    /** A type named through modules or namespaces; null in Java, where the longer way is taken. */
    private CodeType typeByPath(String path) {
        if (body.from.isJava()
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
        boolean own = field.isStatic() || of.anyOf(Origin.Self.class) || isOfBase(of);
        if (!own && field.home().wrapped() == field) {
            return of.as(field.type().substitute(Supertypes.bindings(of.type())));
        }
        body.reads(field);
        TypeUse type = field.type().substitute(Supertypes.bindings(of.type()));
        return Flow.of(new Origin.OfField(field, own), type);
    }

    /** Whether the base is named to say whose field is meant, as in {@code Base<T>::field}. */
    private boolean isOfBase(Flow of) {
        return isType(of) && body.world.supertypes.isA(body.type, of.type().type());
    }

    static boolean isType(Flow flow) {
        return flow.origins().size() == 1 && flow.first() instanceof Origin.OfType && flow.type().type() != null
                && !flow.type().type().qualifiedName().equals("java.lang.Class");
    }

    /** The type that has the operations of a value, or that is meant itself; null for several values. */
    static CodeType owner(Flow of) {
        return of.first() instanceof Origin.OfType(CodeType named)
                ? named
                : of.type().dimensions() > 0 ? null : of.type().erased();
    }

    /** {@code a.b.c} when the value is nothing but names; else null. */
    static String path(Value value) {
        return switch (value) {
            case Value.Name name -> name.name().indexOf(TypeText.COUNT) < 0
                    ? name.name()
                    : name.name().substring(0, name.name().indexOf(TypeText.COUNT));
            case Value.Member member -> {
                String of = path(member.of());
                yield of == null ? null : of + "." + member.name();
            }
            default -> null;
        };
    }

    /** True for a path whose first and last names are written with a capital, as types are. */
    static boolean isCapital(String path) {
        return Character.isUpperCase(path.charAt(0)) && Character.isUpperCase(path.charAt(path.lastIndexOf('.') + 1));
    }

    private boolean isUnknownName(Value.Member member) {
        return member.of() instanceof Value.Name name && body.scope.find(name.name()) == null
                && name(name, TypeUse.UNKNOWN).equals(Flow.UNKNOWN);
    }
}
