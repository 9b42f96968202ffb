package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** Chooses among operations of one name by number and types of the arguments. */
final class Overloads {
    private static final int IMPOSSIBLE = -100;
    private final Resolution world;
    private final Operation caller;

    /** @param caller the operation in whose body the calls stand */
    Overloads(Resolution world, Operation caller) {
        this.world = world;
        this.caller = caller;
    }

    /**
     * The best fit; null when none takes that many arguments.
     *
     * @param plain types of the arguments; null entries are functions, looked at by their shape
     */
    Operation choose(List<Operation> candidates, List<Value> written, List<Flow> plain) {
        if (candidates.size() == 1 && world.library.rule(Rule.DYNAMIC)) {
            return candidates.getFirst();
        }
        Operation best = null;
        int bestScore = IMPOSSIBLE;
        for (Operation candidate : candidates) {
            int score = takes(candidate, plain.size()) ? score(candidate, written, plain) : IMPOSSIBLE;
            if (score > bestScore || score == bestScore && leadsOn(best)) {
                best = candidate;
                bestScore = score;
            }
        }
        return best;
    }

    /** What says of no result calls another of its name: it could not call itself for one. */
    private boolean leadsOn(Operation best) {
        return best == caller && best != null && !best.isConstructor() && !world.library.rule(Rule.DYNAMIC)
                && (best.returns().isUnknown() || best.isResultInferred());
    }

    private static boolean takes(Operation operation, int count) {
        int declared = operation.parameters().size();
        if (count < declared
                && operation.parameters().subList(count, declared).stream().allMatch(one -> one.optional())) {
            return true;
        }
        return declared == count || variadic(operation) && count >= declared - 1;
    }

    private static boolean variadic(Operation operation) {
        return !operation.parameters().isEmpty() && operation.parameters().getLast().type().dimensions() > 0;
    }

    /** The type asked for at a position; the last one counts for all that follow. */
    static TypeUse parameterType(Operation operation, int index) {
        int last = operation.parameters().size() - 1;
        if (last < 0) {
            return TypeUse.UNKNOWN;
        }
        TypeUse type = operation.parameters().get(Math.min(index, last)).type();
        return index > last ? type.element() : type;
    }

    private int score(Operation candidate, List<Value> written, List<Flow> plain) {
        int score = candidate.parameters().size() == plain.size() ? 1 : 0;
        for (int i = 0; i < plain.size(); i++) {
            TypeUse declared = parameterType(candidate, i);
            score += plain.get(i) == null ? function(declared, written.get(i)) : fit(declared, plain.get(i).type());
        }
        return score;
    }

    private int function(TypeUse declared, Value written) {
        CodeType type = declared.erased();
        Operation asked = type == null ? null : world.members.single(type);
        if (asked == null) {
            return type == null || type.external() && type.supertypes().isEmpty() ? 0 : -4;
        }
        return written instanceof Value.Function function
                && function.parameters().size() != asked.parameters().size() ? -4 : 2;
    }

    private int fit(TypeUse declared, TypeUse given) {
        if (given.isUnknown() || declared.isUnknown()) {
            return 0;
        }
        if (declared.variable() != null) {
            return given.type() == null && given.dimensions() == 0 ? 0 : 1;
        }
        boolean primitiveAsked = declared.type() == null && declared.dimensions() == 0;
        boolean primitiveGiven = given.type() == null && given.variable() == null && given.dimensions() == 0;
        if (primitiveAsked || primitiveGiven) {
            return primitiveAsked && primitiveGiven ? declared.text().equals(given.text()) ? 4 : 1 : -2;
        }
        if (declared.dimensions() != given.dimensions()) {
            return declared.dimensions() == given.dimensions() + 1 ? 0 : -3;
        }
        CodeType from = given.erased();
        CodeType to = declared.erased();
        if (from == to) {
            return 4;
        }
        if (from == null || to == null) {
            return 0;
        }
        return world.supertypes.isA(from, to)
                ? 3
                : world.library.isRoot(to)
                        ? 1
                        : from.external() || to.external() ? -1 : -5;
    }
}
