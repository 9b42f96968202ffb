package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** Which operations do not always ask the one that they stand for, or pass on to. */
final class Stopping {
    private static final int DEEPEST = 3;

    private Stopping() {}

    /** True when some path through the operation does not reach a call of the same operation on the field. */
    static boolean mayStop(Operation operation, Field field) {
        return mayStop(operation, operation.name(), field, new HashSet<>());
    }

    /** True when what it is given decides whether it passes the call on or gives an answer of its own. */
    static boolean answersItself(Operation operation, Field field) {
        boolean asksInput = operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Chooses chooses && operation.isOwn(chooses.within())
                        && chooses.on().stream().anyMatch(on -> on.any(origin -> isInput(origin, operation))));
        return asksInput && mayStop(operation, field)
                && Origins.returned(operation).stream().anyMatch(value -> isOwnAnswer(value, operation));
    }

    private static boolean isInput(Origin origin, Operation operation) {
        return origin instanceof Origin.Result(Operation _, Origin of) && of != null
                ? isInput(of, operation)
                : Origins.parameter(origin, operation) != null;
    }

    /** Something that is neither kept nor asked of what is kept, nor stands for none. */
    private static boolean isOwnAnswer(Flow value, Operation operation) {
        return value.origins().stream().anyMatch(origin -> switch (origin) {
            case Origin.Constant _ -> !Neutral.isNone(new Flow(List.of(origin), value.type()), operation);
            case Origin.Fresh _ -> true;
            case Origin.Result(Operation asked, Origin of) -> of instanceof Origin.Self
                    && (asked == null || !asked.name().equals(operation.name()));
            default -> false;
        });
    }

    private static boolean mayStop(Operation operation, String name, Field field, Set<Operation> seen) {
        return !seen.add(operation) || mayStop(operation, field, calls -> hands(calls, name, field, seen), DEEPEST);
    }

    private static boolean mayStop(Operation operation, Field field, Predicate<Deed.Calls> hands, int deep) {
        Map<Integer, Set<Integer>> passing = new LinkedHashMap<>();
        for (Deed deed : operation.deeds()) {
            boolean ends = deed instanceof Deed.Returns || deed instanceof Deed.Throws;
            if (ends && (decided(deed.within(), field) != null || isRepeated(deed.within())) && !passed(passing)) {
                return true;
            }
            if (deed instanceof Deed.Calls asks && !passed(passing)
                    && (refuses(asks, operation, field) || deep > 0 && mayRefuse(asks, field, deep - 1))) {
                return true;
            }
            if (deed instanceof Deed.Calls calls && hands.test(calls)) {
                Setting within = decided(calls.within(), field);
                if (within == null) {
                    return Setting.inside(calls.within(), Setting.Kind.ON_ERROR) || isForWhatIsMissing(calls, operation)
                            || mayBeRefused(calls, operation, deep);
                }
                passing.computeIfAbsent(within.choice(), key -> new HashSet<>()).add(within.branch());
                if (everyBranch(operation, within.choice(), passing)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The library ends it with an error unless something holds that its own object knows. */
    private static boolean refuses(Deed.Calls asks, Operation operation, Field field) {
        return !asks.used() && (asks.callee() == null || asks.callee().home().external())
                && LibraryKnowledge.of(operation.home()).lists("refuses", asks.name())
                && asks.arguments().stream().anyMatch(one -> one.any(origin -> isKnown(origin, field)));
    }

    private static boolean isKnown(Origin origin, Field field) {
        return origin instanceof Origin.Result(Operation _, Origin of) && of != null && isKnown(of, field)
                || origin instanceof Origin.OfField(Field known, boolean own) && own && known != field
                || origin instanceof Origin.Result(Operation asked, Origin.Self _) && asked != null;
    }

    /**
     * A helper of its own ends with an error on some condition: nothing after it is done then. One that is told the input
     * only looks at that.
     */
    private static boolean mayRefuse(Deed.Calls asks, Field field, int deep) {
        if (Setting.inside(asks.within(), Setting.Kind.FUNCTION) || !Helped.isHelper(asks)
                || !asks.receiver().anyOf(Origin.Self.class)
                || asks.arguments().stream().anyMatch(given -> given.anyOf(Origin.OfParameter.class))) {
            return false;
        }
        boolean left = false;
        for (Deed deed : asks.callee().deeds()) {
            boolean decided = decided(deed.within(), field) != null;
            left |= deed instanceof Deed.Returns && decided;
            if (deed instanceof Deed.Throws && (decided || left)
                    || deep > 0 && deed instanceof Deed.Calls further && mayRefuse(further, field, deep - 1)) {
                return true;
            }
        }
        return false;
    }

    /** A function that makes what its own object keeps when it is asked for in vain. */
    private static boolean isForWhatIsMissing(Deed.Calls calls, Operation operation) {
        return Setting.inside(calls.within(), Setting.Kind.FUNCTION) && operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls asks && asks.used() && Assembly.fromOwn(asks.receiver())
                        && isAskedInVain(LibraryKnowledge.of(operation.home()), asks.name())
                        && !asks.arguments().isEmpty()
                        && asks.arguments()
                                .getLast()
                                .any(given -> given instanceof Origin.OfFunction
                                        || given instanceof Origin.Unknown)); // a block of which the library's form is not known
    }

    private static boolean isAskedInVain(LibraryKnowledge library, String operation) {
        return library.adds(operation) || library.lists("orElse", operation);
    }

    /** It stands in a function that a helper of its own is handed, and may not call. */
    private static boolean mayBeRefused(Deed.Calls calls, Operation operation, int deep) {
        if (deep == 0 || !Setting.inside(calls.within(), Setting.Kind.FUNCTION)) {
            return false;
        }
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls around && Helped.isHelper(around)) {
                for (int i = 0; i < around.arguments().size(); i++) {
                    int at = i;
                    boolean handed = around.arguments()
                            .get(i)
                            .any(origin -> origin instanceof Origin.OfFunction(CodeType function)
                                    && function.operations().stream().anyMatch(body -> body.deeds().contains(calls)));
                    if (handed) {
                        return mayStop(around.callee(), null, inner -> inner.receiver().any(origin -> {
                            Origin.OfParameter input = Origins.parameter(origin, around.callee());
                            return input != null && input.index() == at;
                        }), deep - 1);
                    }
                }
            }
        }
        return false;
    }

    /** True when some path through the operation does not reach a call of the same operation on what was given. */
    static boolean mayStopBeforeGiven(Operation operation, Set<Deed.Calls> passing) {
        return mayStop(operation, null, passing::contains, DEEPEST);
    }

    /** What stands in a loop is done only if there is something to go through. */
    private static boolean isRepeated(Setting within) {
        return Setting.inside(within, Setting.Kind.EACH) || Setting.inside(within, Setting.Kind.WHILE);
    }

    private static boolean passed(Map<Integer, Set<Integer>> passing) {
        return !passing.isEmpty();
    }

    private static boolean hands(Deed.Calls calls, String name, Field field, Set<Operation> seen) {
        if (calls.name().equals(name) && Passing.fields(calls).contains(field)) {
            return true;
        }
        return calls.callee() != null && calls.callee().hasBody() && calls.receiver().anyOf(Origin.Self.class)
                && !calls.callee().home().external() && !mayStop(calls.callee(), name, field, seen);
    }

    private static boolean everyBranch(Operation operation, int choice, Map<Integer, Set<Integer>> passing) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Chooses chooses && chooses.choice() == choice
                        && chooses.complete() && passing.get(choice).size() >= chooses.branches());
    }

    /** The condition that a deed stands under, other than whether the field holds anything; null when there is none. */
    private static Setting decided(Setting within, Field field) {
        for (Setting at = within; at != null; at = at.outer()) {
            boolean branch = switch (at.kind()) {
                case BRANCH, REST, PRESENCE, ABSENCE -> true;
                case EACH, WHILE, FUNCTION, ON_ERROR, LOCK -> false;
            };
            boolean presence = at.kind() == Setting.Kind.PRESENCE || at.kind() == Setting.Kind.ABSENCE;
            if (branch && !(presence && Passing.isAbout(at, field))) {
                return at;
            }
        }
        return null;
    }
}
