package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** Resolves what is given to variables, fields, elements and properties. */
final class AssignResolver {
    private final Body body;
    private final ValueResolver values;

    AssignResolver(Body body, ValueResolver values) {
        this.body = body;
        this.values = values;
    }

    Flow assign(Value.Assign assign) {
        values.kinds().forget(assign.target());
        if (assign.target() instanceof Value.Name name) {
            BodyScope.Local local = body.scope.find(name.name());
            if (local != null) {
                return toLocal(assign, name, local);
            }
        }
        if (assign.target() instanceof Value.Element element) {
            Value.Call write = Indexers.write(element, assign.value(), values, body.world);
            if (write != null) {
                return values.flow(write);
            }
            Flow index = values.flow(element.index());
            Flow container = values.flow(element.of());
            Flow given = SubtypeHooks
                    .spread(values.flow(assign.value(), values.containers().element(container).type(), ""), body);
            body.add(new Deed.Stores(container, index, given, body.setting, assign.at()));
            WholeObject.setEach(element.of(), given, body, assign.at());
            new Holders(body, values, null).placed(element.of(), given);
            return given;
        }
        Operation setter = setter(assign.target());
        if (setter != null) {
            return written(setter, assign);
        }
        Flow target = target(assign);
        if (assign.plain() && assign.value() instanceof Value.Computed(String sign, var parts, var _)
                && parts.size() == 2
                && (sign.equals("+") || sign.equals("-")) && isSame(parts.getFirst(), target, parts.getLast())) {
            return changed(assign, target, sign, parts.getLast());
        }
        Flow given = made(values.flow(assign.value(), target.type(), lastName(assign.target())), target, assign);
        for (Origin origin : target.origins()) {
            if (origin instanceof Origin.OfField(Field field, boolean own)) {
                body.world.entries.put(field, assign.value(), values);
                body.add(assign.plain()
                        ? new Deed.Sets(field, own, given, body.setting, assign.at())
                        : new Deed.Stores(target, null, given, body.setting, assign.at()));
            }
        }
        noteUnknown(assign, target, given);
        return given;
    }

    private Flow toLocal(Value.Assign assign, Value.Name name, BodyScope.Local local) {
        Flow before = local.flow();
        Flow given = values.containers()
                .inPlace(values.flow(assign.value(), local.flow().type(), name.name()), local.flow().type());
        if (local.flow().first() instanceof Origin.OfParameter(Operation of, int at)
                && at < of.parameters().size() && handsBack(of.parameters().get(at).type().text())) {
            body.add(new Deed.Stores(local.flow(), null, given, body.setting, assign.at()));
        }
        if (assign.plain()) {
            local.assign(given, body.setting);
            local.holds(assign.value());
        } else {
            local.or(Flow.UNKNOWN); // what is there now was worked out
        }
        boolean steps = !assign.plain() && assign.value() instanceof Value.Literal && values.containers()
                .isContainer(before.type()); // what steps over a container gives where it was
        return steps ? before : given;
    }

    /** A member that nothing is known of is given a value by what it belongs to, as if that were asked to take it. */
    private void noteUnknown(Value.Assign assign, Flow target, Flow given) {
        if (assign.target() instanceof Value.Member member && !target.anyOf(Origin.OfField.class)) {
            Flow of = values.quietly(member.of());
            if (!NameResolver.isType(of)) {
                body.add(Deed.Calls.setting(member.name(), of, given, body.setting, assign.at()));
            }
        }
    }

    /** What is given under a name that the object is not known to have. */
    private void noteLate(Value.Assign assign, Flow target) {
        if (body.world.inferring && body.world.library.rule(Rule.DYNAMIC) && !target.anyOf(Origin.OfField.class)
                && assign.target() instanceof Value.Member member) {
            Flow of = values.quietly(member.of());
            body.world.late.given(NameResolver.isType(of) ? null : of.type().erased(), member.name(), assign.at());
        }
    }

    /** True for parameters whose new value the caller sees: references that are not constant. */
    private static boolean handsBack(String type) {
        return type.endsWith("&") && !type.endsWith("&&") && !type.contains("const");
    }

    /** What is only given another value is not read. */
    private Flow target(Value.Assign assign) {
        Flow target = values.flow(assign.target());
        if (assign.plain() && target.first() instanceof Origin.OfField(Field field, boolean _)) {
            body.onlySets(field);
        }
        noteLate(assign, target);
        return target;
    }

    /** A member that is an object itself, rather than a pointer to one, is made from a value of another type. */
    private Flow made(Flow given, Flow target, Value.Assign assign) {
        CodeType type = target.type().type();
        boolean object = body.world.library.rule(Rule.OBJECTS_IN_PLACE) && type != null
                && (!type.external() || body.world.library.opensOutside(type.name()))
                && target.first() instanceof Origin.OfField
                && !ObjectsInPlace.INDIRECT.matcher(target.type().text()).find()
                && target.type().dimensions() == 0 && !type.kind().promises() && type.kind() != TypeKind.ENUM;
        CodeType other = given.type().type();
        boolean converted = other == null
                ? given.first() instanceof Origin.Constant
                : !body.world.supertypes.isA(other, type);
        if (!object || !converted) {
            return given;
        }
        Operation constructor = Members.constructors(type)
                .stream()
                .filter(one -> one.parameters().size() == 1)
                .findFirst()
                .orElse(null);
        body.add(new Deed.Creates(type, constructor, List.of(given), body.setting, assign.at()));
        return Flow.of(new Origin.Fresh(type), TypeUse.of(type));
    }

    /** True when a container in a field is given itself with something more or less; what is not known may be a number. */
    private boolean isSame(Value first, Flow target, Value other) {
        return target.first() instanceof Origin.OfField && values.quietly(first).first().equals(target.first())
                && (values.containers().isContainer(target.type()) || target.type().isUnknown()
                        && (other instanceof Value.ArrayOf
                                || values.containers().isContainer(values.quietly(other).type())));
    }

    private Flow changed(Value.Assign assign, Flow target, String sign, Value other) {
        Flow given = values.flow(DynamicCalls.only(other), values.containers().element(target).type(), "");
        body.add(new Deed.Calls(null, sign + "=", target, List.of(given), false, body.setting, assign.at()));
        return target;
    }

    /** The operation behind a property that is written to; null for fields. */
    private Operation setter(Value target) {
        if (body.from.isJava()) {
            return null;
        }
        return switch (target) {
            case Value.Member(Value.Self(String outer, var _), var _, var _) when Value.Self.INSIDE.equals(outer) ->
                null;
            case Value.Member member -> {
                CodeType owner = values.quietly(member.of()).type().erased();
                yield owner == null ? null : setter(owner, member.name());
            }
            case Value.Name name -> {
                Operation found = null;
                for (CodeType type = body.type; type != null && found == null; type = type.outer()) {
                    found = body.world.seesMembers(type) ? setter(type, name.name()) : null;
                }
                yield found;
            }
            default -> null;
        };
    }

    private Operation setter(CodeType owner, String name) {
        return body.world.members.operations(owner, Members.setter(name))
                .stream()
                .filter(operation -> operation != body.operation)
                .findFirst()
                .orElse(null);
    }

    private Flow written(Operation setter, Value.Assign assign) {
        Flow of = assign.target() instanceof Value.Member member
                ? values.flow(member.of())
                : Flow.of(new Origin.Self(body.type), NameResolver.selfUse(body.type));
        TypeUse asked = setter.parameters().isEmpty() ? TypeUse.UNKNOWN : setter.parameters().getFirst().type();
        Flow given = values.flow(assign.value(), asked, lastName(assign.target()));
        body.add(new Deed.Calls(setter, setter.name(), of, List.of(given), false, body.setting, assign.at()));
        new PlainCalls(body).noteSet(setter, of, List.of(given), assign.at());
        return given;
    }

    private static String lastName(Value target) {
        return switch (target) {
            case Value.Name name -> name.name();
            case Value.Member member -> member.name();
            default -> "";
        };
    }
}
