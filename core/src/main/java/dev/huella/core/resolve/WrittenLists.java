package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.List;

/** What lies in lists that are written in place. */
final class WrittenLists {
    private static final Origin EMPTY = new Origin.Constant("[]");
    private final Body body;
    private final ValueResolver values;

    WrittenLists(Body body, ValueResolver values) {
        this.body = body;
        this.values = values;
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
            if (part instanceof Value.Computed(String sign, var spread, var _) && sign.equals(Value.ArrayOf.SPREAD)) {
                Flow whole = spread(spread.getFirst(), origins);
                kinds.add(containers.element(whole).type().type());
                continue;
            }
            Flow flow = values.flow(part, element, "");
            int before = origins.size();
            for (Origin origin : flow.origins()) {
                if (origin instanceof Origin.Fresh || origin instanceof Origin.OfFunction
                        || origin instanceof Origin.OfType(CodeType named) && !named.external()) {
                    origins.add(origin);
                } else if (part instanceof Value.Labelled
                        && (origin instanceof Origin.OfField || origin instanceof Origin.CopyOf)) {
                    origins.add(new Origin.Result(null, origin)); // a table under names is made from what it is given
                } else if (origin instanceof Origin.OfParameter && several) {
                    origins.add(new Origin.Result(null, origin)); // so is what is put together
                }
            }
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

    /** A list that is put into another: what it keeps, the other keeps as well. */
    private Flow spread(Value list, List<Origin> into) {
        Flow whole = values.flow(list);
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
