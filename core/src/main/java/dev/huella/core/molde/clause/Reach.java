package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.HashSet;
import java.util.Set;

/** Whether a body does more than set up and compute: it starts, registers, reads, writes or tells something. */
final class Reach {
    private static final int DEEPEST = 3;

    private Reach() {}

    /** The first place where it reaches out of its own object; null when it does not. */
    static SourceSpan out(Operation operation) {
        return out(operation, new HashSet<>(), 0, true);
    }

    /** {@code same}: its object is still the one asked about. */
    private static SourceSpan out(Operation operation, Set<Operation> seen, int depth, boolean same) {
        if (depth > DEEPEST || !seen.add(operation)) {
            return null;
        }
        for (Deed deed : operation.deeds()) {
            boolean reaches = operation.isOwn(deed.within()) && switch (deed) {
                case Deed.Calls calls -> calls(operation, calls, seen, depth, same);
                case Deed.Creates creates -> creates.type().external()
                        && LibraryKnowledge.of(operation.home()).opensOutside(creates.type().name());
                default -> false;
            };
            if (reaches) {
                return deed.at();
            }
        }
        return null;
    }

    private static boolean calls(Operation operation, Deed.Calls calls, Set<Operation> seen, int depth,
            boolean same) {
        Operation callee = calls.callee();
        boolean self = calls.receiver().anyOf(Origin.Self.class);
        boolean hands = same && Flows.hands(calls,
                origin -> origin instanceof Origin.Self(CodeType of) && of == operation.home());
        if (callee == null || callee.home().external()) {
            return library(operation, calls, self, hands);
        }
        if (self || callee.kind() != Kind.OPERATION) {
            return callee.kind() == Kind.OPERATION && out(callee, seen, depth + 1, same) != null;
        }
        boolean own = calls.receiver().any(origin -> origin instanceof Origin.Fresh || Origins.field(origin) != null);
        boolean tells = !calls.used() && !own && !onlyChecks(callee);
        return hands || tells || out(callee, seen, depth + 1, false) != null;
    }

    /** All it can do is fail. */
    private static boolean onlyChecks(Operation operation) {
        return operation.hasBody() && operation.deeds().stream().anyMatch(deed -> deed instanceof Deed.Throws)
                && operation.deeds()
                        .stream()
                        .noneMatch(deed -> deed instanceof Deed.Sets || deed instanceof Deed.Stores
                                || deed instanceof Deed.Calls calls && !calls.used());
    }

    private static boolean library(Operation operation, Deed.Calls calls, boolean self, boolean hands) {
        var library = LibraryKnowledge.of(operation.home());
        boolean given = calls.receiver().any(origin -> origin instanceof Origin.OfParameter);
        boolean type = calls.receiver()
                .any(origin -> origin instanceof Origin.OfType(CodeType of) && library.opensOutside(of.name()));
        boolean constructs = library.invokes(calls.name()) && calls.receiver().anyOf(Origin.OfType.class);
        return !constructs && (type || library.reachesOut(calls.name())
                || !calls.used() && !self && (hands || given && !calls.isSetting())
                        && !library.asserts(calls.name()) && !library.adds(calls.name()));
    }
}
