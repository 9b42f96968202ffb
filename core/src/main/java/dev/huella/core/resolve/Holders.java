package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.List;

/** Fields that are given a value by way of the library: through what holds one object, or by reference. */
final class Holders {
    private final Body body;
    private final ValueResolver values;
    private final FunctionResolver functions;

    Holders(Body body, ValueResolver values, FunctionResolver functions) {
        this.body = body;
        this.values = values;
        this.functions = functions;
    }

    /** Notes what a call puts into a field that holds one object in something of the library. */
    void note(Value.Call call, Operation callee, Flow on, List<Flow> given) {
        boolean library = (callee == null || callee.home().external()) && body.world.library.adds(call.name());
        BodyScope.Local made = library ? made(call.receiver()) : null;
        if (made != null) {
            boolean spread = !call.arguments().isEmpty() && WrittenLists.ofList(call.arguments().getLast()) != null;
            given.forEach(one -> fill(made, one, isAll(one, made, call.name()), spread));
        }
        if (callee == null || callee.home().external()) {
            emptied(call, on, given);
        }
        boolean puts = !given.isEmpty() && library && values.containers().holdsOne(on.type());
        for (Origin origin : puts ? on.origins() : List.<Origin>of()) {
            if (origin instanceof Origin.OfField(var field, boolean own)) {
                Flow last = given.getLast().anyOf(Origin.OfFunction.class) ? functions.lastMade() : given.getLast();
                Setting within = body.world.library.lists("swaps", call.name()) ? locked() : body.setting;
                body.add(new Deed.Sets(field, own, last, within, call.at()));
            }
        }
    }

    /** A container that the body makes holds what another kept until it was emptied into it, or changed places with it. */
    private void emptied(Value.Call call, Flow on, List<Flow> given) {
        boolean moves = body.world.library.lists("empties", call.name())
                || body.world.library.lists("trades", call.name());
        if (!moves || given.size() != call.arguments().size()) {
            return;
        }
        List<Value> sides = new ArrayList<>(call.arguments());
        List<Flow> flows = new ArrayList<>(given);
        if (call.receiver() != null) {
            sides.add(call.receiver());
            flows.add(on);
        }
        for (Value side : sides) {
            BodyScope.Local made = made(side);
            if (made != null) {
                flows.stream()
                        .filter(other -> values.containers().isContainer(other.type()))
                        .forEach(other -> fill(made, other, true, false));
            }
        }
    }

    /** Notes what is put into a place of a container that the body makes. */
    void placed(Value into, Flow one) {
        BodyScope.Local made = made(into);
        if (made != null) {
            fill(made, one, false, false);
        }
    }

    /** A container that the body makes, as long as it holds nothing of its own; null for all other values. */
    private BodyScope.Local made(Value into) {
        BodyScope.Local local = into instanceof Value.Name name ? body.scope.find(name.name()) : null;
        return local != null && values.containers().isContainer(local.flow().type())
                && local.flow().origins().stream().allMatch(Holders::isOwn) ? local : null;
    }

    /** Another container, or each of its elements, one after the other or {@code spread} out: then it holds the elements of that. */
    private void fill(BodyScope.Local made, Flow one, boolean all, boolean spread) {
        if (all) {
            one.origins().stream().filter(origin -> !isOwn(origin)).forEach(from -> hold(made, from, one.type()));
        } else if (one.first() instanceof Origin.ElementOf(Origin from) && (spread || isGoneThrough(from))) {
            hold(made, from, one.type().array(1));
        }
    }

    private boolean isAll(Flow given, BodyScope.Local made, String operation) {
        if (!values.containers().isContainer(given.type())) {
            return false;
        }
        TypeUse element = values.containers().element(made.flow()).type();
        return body.world.library.lists("addsAll", operation)
                || element.type() != null && (given.type().dimensions() > 0 || element.type() != given.type().type())
                        && element.type() == values.containers().element(given).type().type();
    }

    private static void hold(BodyScope.Local made, Origin from, TypeUse type) {
        Origin of = from instanceof Origin.CopyOf(Origin inner, boolean _) ? inner : from;
        made.fill(new Flow(List.of(new Origin.CopyOf(of, true)), type));
    }

    private static boolean isOwn(Origin origin) {
        return origin instanceof Origin.Fresh(CodeType type) && type.external() || origin instanceof Origin.Unknown
                || origin instanceof Origin.Constant
                || origin instanceof Origin.CopyOf(Origin _, boolean detached) && detached;
    }

    /** True in a loop over it, where nothing is left out. */
    private boolean isGoneThrough(Origin container) {
        return body.setting != null && body.setting.kind() == Setting.Kind.EACH
                && body.setting.about().stream().anyMatch(over -> over.origins().contains(container));
    }

    /** A function of the library that exchanges what its first argument names, at once; null for all other calls. */
    Flow exchanged(Value.Call call) {
        if (call.arguments().size() < 2 || !isOutside(call, "exchanges")) {
            return null;
        }
        Flow[] given = new Flow[1];
        body.within(locked(), () -> given[0] = values
                .flow(new Value.Assign(call.arguments().getFirst(), call.arguments().get(1), true, call.at())));
        return given[0];
    }

    /** True for a function of the library that makes an object of the type it is given. */
    boolean makes(Value.Call call) {
        return !call.arguments().isEmpty() && call.receiver() != null && isOutside(call, "makesOfFirst");
    }

    /** True for a listed name that is asked of nothing the sources declare. */
    private boolean isOutside(Value.Call call, String list) {
        if (!body.world.library.lists(list, call.name())) {
            return false;
        }
        CodeType of = values.quietly(call.receiver()).type().type();
        return of == null || of.external();
    }

    private Setting locked() {
        return new Setting(body.setting, Setting.Kind.LOCK, List.of(), 0, 0);
    }

    /** The function or object that a call of the library hands back as it was handed in; null for all other calls. */
    Flow handedBack(Value.Call call, TypeUse expected) {
        if (!handsBack(call)) {
            return null;
        }
        call.arguments().stream().skip(1).forEach(values::flow);
        return values.flow(call.arguments().getFirst(), expected, "");
    }

    private boolean handsBack(Value.Call call) {
        if (call.arguments().isEmpty() || !body.world.library.lists("wrapsFirst", call.name())) {
            return false;
        }
        String path = call.receiver() == null ? "" : NameResolver.path(call.receiver());
        if (path == null || path.isEmpty()) {
            return path != null && body.scope.find(call.name()) == null
                    && body.world.members.operations(body.type, call.name()).isEmpty();
        }
        var named = body.scope.find(path) == null ? body.world.names.known(path, body.from) : null;
        return body.scope.find(path) == null && (named == null || named.external());
    }

    /** True for what waits until it is known what is asked of it: functions, also those that a call hands back. */
    boolean waits(Value value) {
        return Arguments.isFunction(value)
                || body.world.library.rule(Rule.PAIRS_MEAN_OPERATIONS) && WrittenLists.pair(value) != null
                || value instanceof Value.Call call && handsBack(call);
    }
}
