package dev.huella.core.molde.clause;

import dev.huella.core.model.Deed;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.List;

/** What a constructor makes its own of what it is given, so that the new object shares nothing with it. */
final class TakenApart {
    private static final int DEEPEST = 4;

    private TakenApart() {}

    /** What it is given there it keeps only as a copy of its own, or one by one. */
    static boolean of(Operation constructor, int index) {
        return of(constructor, index, 0);
    }

    private static boolean of(Operation constructor, int index, int depth) {
        boolean apart = false;
        for (Deed deed : constructor == null || depth > DEEPEST ? List.<Deed>of() : constructor.deeds()) {
            switch (deed) {
                case Deed.Sets sets when sets.own() -> {
                    if (sets.value().any(origin -> isGiven(origin, constructor, index))) {
                        return false;
                    }
                    apart |= sets.value()
                            .any(origin -> Origins.detached(origin) && origin instanceof Origin.CopyOf(Origin of, var _)
                                    && isGiven(of, constructor, index));
                }
                case Deed.Calls calls when calls.callee() != null && calls.callee().isConstructor() -> {
                    for (int i = 0; i < calls.arguments().size(); i++) {
                        apart |= calls.arguments().get(i).any(origin -> isGiven(origin, constructor, index))
                                && of(calls.callee(), i, depth + 1);
                    }
                }
                case Deed.Calls calls when calls.receiver().any(origin -> Origins.whole(origin) != null)
                        && LibraryKnowledge.of(constructor.home()).adds(calls.name()) ->
                    apart |= calls.arguments()
                            .stream()
                            .anyMatch(one -> one.any(origin -> isGiven(origin, constructor, index)
                                    || origin instanceof Origin.ElementOf(Origin all)
                                            && isGiven(all, constructor, index)));
                default -> {
                    // keeps nothing
                }
            }
        }
        return apart;
    }

    private static boolean isGiven(Origin origin, Operation constructor, int index) {
        Origin.OfParameter parameter = Origins.parameter(origin, constructor);
        return parameter != null && parameter.index() == index;
    }
}
