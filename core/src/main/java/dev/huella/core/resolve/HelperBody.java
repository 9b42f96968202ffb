package dev.huella.core.resolve;

import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** What the callee of one call does, said in the values of its caller. */
record HelperBody(Deed.Calls calls, List<Deed> deeds) {

    /** Where its caller goes on: what was noted of the call in advance is a part of it. */
    int next(List<Deed> around, int at) {
        int next = at + 1;
        while (next < around.size() && around.get(next) instanceof Deed.Sets sets && sets.at().equals(calls.at())
                && deeds.stream().anyMatch(deed -> deed instanceof Deed.Sets own && own.field() == sets.field())) {
            next++;
        }
        return next;
    }

    /** True when the caller does nothing after the call than give back what that gives, so that both end together. */
    boolean ends(List<Deed> around, int next) {
        if (next < around.size()) {
            return around.get(next) instanceof Deed.Returns(Flow value, Setting within, var _) && value != null
                    && within == calls.within()
                    && (value.origins().stream().allMatch(this::isResult)
                            || answers() != null && answers().containsAll(value.origins())); // it was known before
        }
        return !Setting.inside(calls.within(), Setting.Kind.EACH) && !Setting.inside(calls.within(), Setting.Kind.WHILE)
                && !Setting.inside(calls.within(), Setting.Kind.FUNCTION);
    }

    /** True when something may be left undone because the callee has ended before. */
    boolean mayEndEarly() {
        for (int i = 0; i < deeds.size(); i++) {
            boolean ends = switch (deeds.get(i)) {
                case Deed.Yields _ -> true;
                case Deed.Returns returns -> isOwn(returns) && i + 1 < deeds.size();
                case Deed.Throws thrown -> isOwn(thrown) && thrown.within() != null;
                default -> false;
            };
            if (ends) {
                return true;
            }
        }
        return false;
    }

    private boolean isOwn(Deed deed) {
        return calls.callee().isOwn(deed.within());
    }

    private boolean isResult(Origin origin) {
        return origin instanceof Origin.Result(Operation callee, Origin _) && callee == calls.callee();
    }

    /** What it does, where the call stands. {@code ends}: what it gives back is what the caller gives back. */
    List<Deed> inPlace(boolean ends, int choices) {
        Map<Setting, Setting> known = new IdentityHashMap<>();
        var there = new Moved(this::given, within -> setting(within, choices, known));
        List<Deed> all = new ArrayList<>();
        for (Deed deed : deeds) {
            if (ends || !(deed instanceof Deed.Returns) || !isOwn(deed)) {
                Deed moved = there.of(deed);
                all.add(moved instanceof Deed.Chooses chooses ? numbered(chooses, choices) : moved);
            }
        }
        return all;
    }

    private static Deed numbered(Deed.Chooses chooses, int choices) {
        return new Deed.Chooses(chooses.on(), chooses.branches(), chooses.complete(), chooses.choice() + choices,
                chooses.within(), chooses.at());
    }

    /** The later deeds of the caller, with what was given back in the place of the result. */
    List<Deed> after(List<Deed> later) {
        Map<Setting, Setting> known = new IdentityHashMap<>();
        var moved = new Moved(this::answered, within -> answered(within, known));
        return later.stream().map(moved::of).toList();
    }

    private Setting setting(Setting within, int choices, Map<Setting, Setting> known) {
        if (within == null) {
            return calls.within();
        }
        Setting there = known.get(within);
        if (there == null) {
            there = new Setting(setting(within.outer(), choices, known), within.kind(),
                    within.about().stream().map(this::given).toList(),
                    within.choice() == 0 ? 0 : within.choice() + choices, within.branch());
            known.put(within, there);
        }
        return there;
    }

    private Flow given(Flow flow) {
        return replaced(flow, origin -> {
            if (origin instanceof Origin.OfParameter(Operation of, int index) && of == calls.callee()) {
                return index < calls.arguments().size()
                        ? calls.arguments().get(index).origins()
                        : List.of(Origin.UNKNOWN);
            }
            return null;
        });
    }

    private Flow answered(Flow flow) {
        return replaced(flow, origin -> isResult(origin) ? answers() : null);
    }

    private List<Origin> answers() {
        Set<Origin> found = new LinkedHashSet<>();
        for (Deed deed : deeds) {
            if (deed instanceof Deed.Returns returns && returns.value() != null && isOwn(returns)) {
                found.addAll(given(returns.value()).origins());
            }
        }
        return found.isEmpty() ? null : List.copyOf(found);
    }

    private Setting answered(Setting within, Map<Setting, Setting> known) {
        if (within == null || known.containsKey(within)) {
            return known.get(within);
        }
        Setting outer = answered(within.outer(), known);
        List<Flow> about = within.about().stream().map(this::answered).toList();
        Setting there = outer == within.outer() && about.equals(within.about())
                ? within
                : new Setting(outer, within.kind(), about, within.choice(), within.branch());
        known.put(within, there);
        return there;
    }

    /** Other origins in the place of some; null for what stays. */
    private interface Other {
        List<Origin> of(Origin origin);
    }

    private static Flow replaced(Flow flow, Other other) {
        if (flow == null || !flow.any(origin -> touches(origin, other))) {
            return flow;
        }
        Set<Origin> found = new LinkedHashSet<>();
        flow.origins().forEach(origin -> found.addAll(replaced(origin, other)));
        return new Flow(List.copyOf(found), flow.type());
    }

    private static boolean touches(Origin origin, Other other) {
        return origin != null && (other.of(origin) != null || switch (origin) {
            case Origin.Result(Operation _, Origin receiver) -> touches(receiver, other);
            case Origin.ElementOf(Origin container) -> touches(container, other);
            case Origin.CopyOf(Origin container, boolean _) -> touches(container, other);
            default -> false;
        });
    }

    private static List<Origin> replaced(Origin origin, Other other) {
        List<Origin> instead = other.of(origin);
        if (instead != null) {
            return instead;
        }
        return switch (origin) {
            case Origin.Result(Operation callee, Origin receiver) when receiver != null ->
                each(receiver, other, one -> new Origin.Result(callee, one));
            case Origin.ElementOf(Origin container) -> each(container, other, Origin.ElementOf::new);
            case Origin.CopyOf(Origin container, boolean detached) ->
                each(container, other, one -> new Origin.CopyOf(one, detached));
            default -> List.of(origin);
        };
    }

    private static List<Origin> each(Origin inner, Other other, UnaryOperator<Origin> around) {
        return replaced(inner, other).stream().map(around).toList();
    }

    /** A deed with other values, in another place. */
    private record Moved(UnaryOperator<Flow> value, UnaryOperator<Setting> place) {
        Deed of(Deed deed) {
            Setting within = place.apply(deed.within());
            return switch (deed) {
                case Deed.Calls(var callee, var name, var receiver, var arguments, var used, var _, var at) ->
                    new Deed.Calls(callee, name, value.apply(receiver), all(arguments), used, within, at);
                case Deed.Creates(var type, var constructor, var arguments, var _, var at) ->
                    new Deed.Creates(type, constructor, all(arguments), within, at);
                case Deed.Sets(var field, var own, var given, var _, var at) ->
                    new Deed.Sets(field, own, value.apply(given), within, at);
                case Deed.Stores(var container, var index, var given, var _, var at) ->
                    new Deed.Stores(value.apply(container), value.apply(index), value.apply(given), within, at);
                case Deed.Returns(var given, var _, var at) -> new Deed.Returns(value.apply(given), within, at);
                case Deed.Yields(var given, var _, var at) -> new Deed.Yields(value.apply(given), within, at);
                case Deed.Throws(var type, var _, var at) -> new Deed.Throws(type, within, at);
                case Deed.TestsAbsence(var given, var _, var at) ->
                    new Deed.TestsAbsence(value.apply(given), within, at);
                case Deed.AsksKind(var given, var kind, var _, var at) ->
                    new Deed.AsksKind(value.apply(given), kind, within, at);
                case Deed.Chooses(var on, var branches, var complete, var choice, var _, var at) ->
                    new Deed.Chooses(all(on), branches, complete, choice, within, at);
                case Deed.GoesThrough(var over, var _, var at) ->
                    new Deed.GoesThrough(value.apply(over), within, at);
                case Deed.Leaves(var whole, var _, var at) -> new Deed.Leaves(whole, within, at);
            };
        }

        private List<Flow> all(List<Flow> flows) {
            return flows.stream().map(value).toList();
        }
    }
}
