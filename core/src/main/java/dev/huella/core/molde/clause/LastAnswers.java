package dev.huella.core.molde.clause;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;

/** Whose answers somebody takes, in languages where the last value of a body is what it gives. */
record LastAnswers(Set<Operation> taken) {
    /** True when all it gives is what it has just put away, and nobody takes that. */
    static boolean isByChance(Model model, Operation operation) {
        return LibraryKnowledge.of(operation.home()).lists("traits", "lastValueIsReturned")
                && !operation.isAbstract() && !operation.deeds().isEmpty() && !operation.modifiers().has(Mark.SETTER)
                && Stream.concat(Stream.of(operation), operation.overriders().stream()).allMatch(LastAnswers::putsAway)
                && !model.derived(LastAnswers.class, LastAnswers::of).taken.contains(operation);
    }

    private static boolean putsAway(Operation operation) {
        return operation.deeds()
                .stream()
                .allMatch(deed -> !(deed instanceof Deed.Throws thrown && thrown.within() == null)
                        && (!(deed instanceof Deed.Returns returns) || !operation.isOwn(returns.within())
                                || isPutAway(operation, returns)));
    }

    private static LastAnswers of(Model model) {
        Set<Operation> taken = new HashSet<>();
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.used() && !isGivenBack(operation, calls)) {
                taken.addAll(Deeds.targets(calls));
            }
        });
        return new LastAnswers(taken);
    }

    /** The call is the last of its body or block, so that its answer is used only in case somebody takes theirs. */
    private static boolean isGivenBack(Operation operation, Deed.Calls calls) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Returns returns && returns.within() == calls.within()
                        && returns.value() != null && isAnswer(returns.value(), calls));
    }

    /** True when the value is what the call gave. */
    static boolean isAnswer(Flow value, Deed.Calls calls) {
        return value
                .any(origin -> origin instanceof Origin.Result(Operation callee, Origin _) && callee == calls.callee());
    }

    private static boolean isPutAway(Operation operation, Deed.Returns returns) {
        return returns.value() == null || operation.deeds().stream().anyMatch(deed -> switch (deed) {
            case Deed.Sets sets -> sets.own() && sets.value().origins().equals(returns.value().origins());
            case Deed.Stores stores -> stores.value().origins().equals(returns.value().origins());
            case Deed.Calls calls -> LibraryKnowledge.of(operation.home()).adds(calls.name())
                    && returns.value().first() instanceof Origin.Result(Operation _, Origin into) && into != null
                    && calls.receiver().origins().contains(into);
            default -> false;
        });
    }
}
