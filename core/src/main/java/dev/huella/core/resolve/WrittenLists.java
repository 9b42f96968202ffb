package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;

/** What lies in lists that are written in place. */
final class WrittenLists {
    private static final Origin EMPTY = new Origin.Constant("[]");
    private static final Pattern NAME = Pattern.compile("(['\"])[a-zA-Z_]\\w*\\1");
    private final Body body;
    private final ValueResolver values;
    private final FunctionResolver functions;

    WrittenLists(Body body, ValueResolver values, FunctionResolver functions) {
        this.body = body;
        this.values = values;
        this.functions = functions;
    }

    /** The operation that an object and a text mean where the language allows it; null for a list of two values. */
    Value.Reference operation(Value.ArrayOf array, TypeUse expected) {
        Value.Reference pair = body.world.library.rule(Rule.PAIRS_MEAN_OPERATIONS) ? pair(array) : null;
        if (pair == null || expected.dimensions() > 0 || values.containers().isContainer(expected)) {
            return null;
        }
        CodeType owner = NameResolver.owner(values.quietly(pair.of()));
        boolean known = owner != null && !body.world.members.operations(owner, pair.name()).isEmpty();
        return known || expected.type() != null && Shapes.isFunction(expected.type()) ? pair : null;
    }

    /** A value and a name side by side; null for anything else. */
    static Value.Reference pair(Value value) {
        if (value instanceof Value.ArrayOf(var type, List<Value> parts, var at) && type == null && parts.size() == 2
                && parts.getLast() instanceof Value.Literal(var kind, String text, var _)
                && kind == Value.Literal.Kind.TEXT && NAME.matcher(text).matches()
                && !(parts.getFirst() instanceof Value.Literal)) {
            return new Value.Reference(parts.getFirst(), null, text.substring(1, text.length() - 1), at);
        }
        return null;
    }

    /** A table in which nothing but lists is written keeps lists. */
    TypeUse table(TypeUse table, Value written) {
        boolean lists = written instanceof Value.ArrayOf(var type, List<Value> parts, var _) && type == null
                && !parts.isEmpty() && table.arguments().isEmpty() && values.containers().isContainer(table)
                && parts.stream()
                        .allMatch(part -> part instanceof Value.Labelled(String _, Value value, var _)
                                && value instanceof Value.ArrayOf(var made, var _, var _) && made == null);
        return lists
                ? new Nesting(body.world.library).withElement(table, TypeUse.UNKNOWN.array(1))
                : table;
    }

    /** The list of which all that lies in it is meant; null for all other values. */
    static Value ofList(Value value) {
        return value instanceof Value.Computed(String sign, var lists, var _) && sign.equals(Value.ArrayOf.SPREAD)
                ? lists.getFirst()
                : null;
    }

    Flow list(Value.ArrayOf array, TypeUse expected) {
        Containers containers = values.containers();
        boolean container = array.type() == null && expected.dimensions() == 0 && containers.isContainer(expected);
        TypeUse element = array.type() != null
                ? body.use(array.type(), Mention.Kind.OTHER, array.at())
                : container
                        ? containers.element(new Flow(List.of(), expected)).type()
                        : expected.dimensions() > 0 ? expected.element() : expected;
        boolean asAsked = element == expected;
        List<Origin> origins = new ArrayList<>();
        List<CodeType> kinds = new ArrayList<>();
        boolean mixed = false;
        boolean several = array.elements().size() > 1;
        for (Value part : array.elements()) {
            Value spread = ofList(part);
            if (spread != null) {
                Flow whole = spread(spread, origins);
                kinds.add(containers.element(whole).type().type());
                continue;
            }
            Flow flow = Arguments.isFunction(part) && !body.from.isJava()
                    ? functions.inList(part, element)
                    : values.flow(part, element, "");
            int before = origins.size();
            flow.origins()
                    .stream()
                    .map(origin -> inside(origin, part, several))
                    .filter(Objects::nonNull)
                    .forEach(origins::add);
            mixed |= origins.size() == before && !(part instanceof Value.Labelled);
            kinds.add(flow.type().dimensions() > 0 || NameResolver.isType(flow) ? null : flow.type().type());
        }
        if (element.isUnknown() && !kinds.isEmpty() && !kinds.contains(null)) {
            CodeType common = body.world.supertypes.common(kinds);
            element = common == null ? element : TypeUse.of(common);
        }
        if (mixed && !origins.isEmpty() && element.isUnknown()) {
            origins.add(Origin.UNKNOWN); // not all of it is of what is made here
        }
        if (origins.isEmpty()) {
            origins.add(array.elements().isEmpty() && array.type() == null ? EMPTY : Origin.UNKNOWN);
        }
        return new Flow(origins, container && (!element.isUnknown() || !expected.arguments().isEmpty())
                ? expected
                : element.array(Math.max(1, asAsked ? expected.dimensions() : 1)));
    }

    /** What a part adds to what is known of the whole; null for nothing. */
    private static Origin inside(Origin origin, Value part, boolean several) {
        if (origin instanceof Origin.Fresh || origin instanceof Origin.OfFunction
                || origin instanceof Origin.OfType(CodeType named) && !named.external()) {
            return origin;
        }
        boolean underAName = part instanceof Value.Labelled
                && (origin instanceof Origin.OfField || origin instanceof Origin.CopyOf);
        return underAName || several && (origin instanceof Origin.OfParameter || isPlain(origin))
                ? new Origin.Result(null, origin) // what is put together is made from what it is given
                : null;
    }

    /** A text, a number or the like that the object keeps, or a list of such, or a copy of that. */
    private static boolean isPlain(Origin origin) {
        return switch (origin) {
            case Origin.OfField(Field field, boolean own) -> own && !field.isStatic()
                    && (field.type().erased() == null || field.type().erased().external());
            case Origin.CopyOf(Origin container, boolean _) -> isPlain(container);
            default -> false;
        };
    }

    /** A list that is put into another: what it keeps, the other keeps as well. */
    private Flow spread(Value list, List<Origin> into) {
        Flow whole = list instanceof Value.Self ? WholeObject.of(body.type, body.world) : values.flow(list);
        if (list instanceof Value.Self && whole != null) {
            into.addAll(whole.origins());
            return whole;
        }
        whole.origins()
                .stream()
                .filter(WrittenLists::isKept)
                .forEach(origin -> into.add(Containers.copy(origin, true)));
        return whole;
    }

    /** What another list takes its elements from when they lie there. */
    static boolean isKept(Origin origin) {
        return origin instanceof Origin.OfField || origin instanceof Origin.CopyOf
                || origin instanceof Origin.OfParameter;
    }
}
