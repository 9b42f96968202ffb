package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Setting;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** {@code <operation> uses what <operation> gives} */
@AutoService(Clause.class)
public final class UsesTheAnswer implements Clause.Listed {
    /** Operations that hand a function on to the next one, which may be the first again. */
    private static final int DEEPEST = 3;

    @Override
    public String syntax() {
        return "{operation} uses what {operation} gives";
    }

    @Override
    public String meaning() {
        return "Something is done with the result of the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Set<Operation> asked = new HashSet<>();
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.used() && !happensToBeLast(operation, calls)) {
                asked.addAll(Deeds.targets(calls));
            }
        });
        Helped.calls(model, (operation, calls) -> {
            if (calls.used() && !handedToLoop(operation, calls, DEEPEST) && calls.callee() != null
                    && (!happensToBeLast(operation, calls) || asked.contains(operation)
                            || operation.overridden().stream().anyMatch(asked::contains))
                    && !givesNothing(calls.callee())) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }

    /** Also where others only wait until it is done, and where no result is declared and no body gives one. */
    private static boolean givesNothing(Operation called) {
        return called.returns().isVoid()
                || called.returns().isUnknown() && !called.home().external() && (called.hasBody()
                        ? called.deeds()
                                .stream()
                                .noneMatch(deed -> deed instanceof Deed.Returns returns
                                        && returns.value() != null && called.isOwn(returns.within()))
                        : !called.overriders().isEmpty()
                                && called.overriders().stream().allMatch(UsesTheAnswer::givesNothing));
    }

    /** The value of a function written in place goes to whatever the function is given to; a loop does nothing with it. */
    private static boolean handedToLoop(Operation operation, Deed.Calls calls, int deep) {
        Setting within = calls.within();
        if (deep == 0 || within == null || within.kind() != Setting.Kind.FUNCTION || decides(operation, calls)) {
            return false;
        }
        List<Deed> deeds = operation.deeds();
        for (Deed deed : deeds.subList(deeds.indexOf(calls) + 1, deeds.size())) {
            if (deed instanceof Deed.Creates runner && runner.within() == within.outer() && runner.type().external()
                    && LibraryKnowledge.of(operation.home()).lists("dropsAnswers", runner.type().name())) {
                return true;
            }
            if (deed instanceof Deed.Calls around && around.within() == within.outer()) {
                return !around.used()
                        || LibraryKnowledge.of(operation.home()).lists("dropsAnswers", around.name())
                        || drops(around.callee(), deep - 1);
            }
        }
        return false;
    }

    /** What is done next hangs on it. */
    private static boolean decides(Operation operation, Deed.Calls calls) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Chooses chooses && chooses.within() == calls.within()
                        && chooses.on().stream().anyMatch(on -> LastAnswers.isAnswer(on, calls)));
    }

    /** An operation of the code that calls the functions it is given and does nothing with what they give. */
    private static boolean drops(Operation callee, int deep) {
        List<Deed.Calls> applied = callee == null || !callee.hasBody()
                ? List.of()
                : callee.deeds()
                        .stream()
                        .filter(deed -> deed instanceof Deed.Calls calls && calls.receiver()
                                .any(origin -> Origins.parameter(origin, callee) != null))
                        .map(Deed.Calls.class::cast)
                        .toList();
        return !applied.isEmpty()
                && applied.stream().noneMatch(calls -> calls.used() && !handedToLoop(callee, calls, deep));
    }

    private static boolean keeps(Deed deed, Deed.Calls calls) {
        return switch (deed) {
            case Deed.Sets sets -> LastAnswers.isAnswer(sets.value(), calls);
            case Deed.Stores stores -> LastAnswers.isAnswer(stores.value(), calls);
            default -> false;
        };
    }

    /** Where the last value of a body is what it gives, an operation whose answer nobody takes gives it by chance. */
    private static boolean happensToBeLast(Operation operation, Deed.Calls calls) {
        return LibraryKnowledge.of(operation.home()).lists("traits", "lastValueIsReturned")
                && operation.isOwn(calls.within()) && operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Returns returns && returns.value() != null
                                && operation.isOwn(returns.within())
                                && LastAnswers.isAnswer(returns.value(), calls))
                && operation.deeds().stream().noneMatch(deed -> keeps(deed, calls));
    }
}
