package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Takes what a hidden operation does into the only place that calls it: there it is a part of the caller, written apart.
 * What it was handed stands for its parameters, and what it gives back for its result.
 */
final class OwnHelpers {
    /** Longer bodies are left where they are; what is taken in is looked at once more. */
    private static final int MOST_DEEDS = 150;
    private final Map<Operation, Set<SourceSpan>> callers = new HashMap<>();
    private final Set<Operation> begun = new HashSet<>();

    private OwnHelpers() {}

    /** After each reading of the bodies. */
    static void takeIn(List<CodeType> types) {
        var helpers = new OwnHelpers();
        types.forEach(type -> type.operations().forEach(helpers::note));
        types.forEach(type -> type.operations().forEach(helpers::fill));
    }

    private void note(Operation operation) {
        for (Deed deed : operation.written()) {
            if (deed instanceof Deed.Calls calls && isBehind(calls.callee())) {
                callers.computeIfAbsent(calls.callee(), key -> new HashSet<>()).add(calls.at());
            }
        }
    }

    /** Not for everybody, and no other stands in its place. */
    private static boolean isBehind(Operation callee) {
        return callee != null && callee.hasBody() && callee.kind() == Kind.OPERATION
                && callee.overriders().isEmpty() && callee.overridden().isEmpty() && !callee.home().external()
                && switch (callee.modifiers().visibility()) {
                    case PRIVATE -> true;
                    case PROTECTED -> !callee.written().isEmpty(); // else a hook
                    default -> false;
                };
    }

    private void fill(Operation operation) {
        if (!begun.add(operation)) {
            return; // done, or it calls itself
        }
        List<Deed> deeds = operation.written();
        if (operation.home().kind() == TypeKind.FUNCTION && deeds.size() <= 2) {
            return; // stands for the one that it calls
        }
        int choices = 0;
        Set<Field> reads = new LinkedHashSet<>(operation.reads());
        boolean taken = false;
        for (int i = 0; i < deeds.size(); i++) {
            if (deeds.get(i) instanceof Deed.Calls calls && isHelper(calls, operation)) {
                fill(calls.callee());
                var body = new HelperBody(calls, calls.callee().deeds());
                int next = body.next(deeds, i);
                boolean ends = body.ends(deeds, next);
                if (body.deeds().size() + deeds.size() > MOST_DEEDS || !ends && body.mayEndEarly()) {
                    continue;
                }
                choices = choices == 0 ? lastChoice(deeds) : choices;
                List<Deed> whole = new ArrayList<>(deeds.subList(0, i));
                whole.addAll(body.inPlace(ends, choices));
                int end = whole.size();
                whole.addAll(body.after(deeds.subList(ends ? Math.min(next + 1, deeds.size()) : next, deeds.size())));
                choices += lastChoice(body.deeds());
                deeds = whole;
                i = end - 1;
                reads.addAll(calls.callee().reads());
                taken = true;
            }
        }
        if (taken) {
            operation.takesIn(deeds, reads);
            if (isFront(operation) && operation.home().kind() != TypeKind.FUNCTION) {
                ((Deed.Calls) operation.written().getFirst()).callee().wholeOf(operation);
            }
        }
    }

    private boolean isHelper(Deed.Calls calls, Operation by) {
        Operation callee = calls.callee();
        Set<SourceSpan> places = callee == null ? null : callers.get(callee);
        boolean own = places != null && calls.receiver()
                .origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Self(CodeType of) && of == callee.home()
                        || callee.isStatic() && origin instanceof Origin.OfType);
        return own && calls.arguments().stream().noneMatch(OwnHelpers::isMore) && places.size() == 1 && callee != by
                && callee.home().outermost() == by.home().outermost();
    }

    /** A function that the helper runs, or the object itself, whose fields would have to become its own. */
    private static boolean isMore(Flow argument) {
        return argument.anyOf(Origin.OfFunction.class) || argument.anyOf(Origin.Self.class);
    }

    /** It does nothing but call the helper and give back what that gives. */
    private boolean isFront(Operation operation) {
        List<Deed> written = operation.written();
        if (written.getFirst() instanceof Deed.Calls calls && isHelper(calls, operation)) {
            var body = new HelperBody(calls, calls.callee().deeds());
            int next = body.next(written, 0);
            return next == written.size() || next == written.size() - 1 && body.ends(written, next);
        }
        return false;
    }

    private static int lastChoice(List<Deed> deeds) {
        int last = 0;
        for (Deed deed : deeds) {
            last = Math.max(last, deed instanceof Deed.Chooses chooses ? chooses.choice() : 0);
            for (Setting at = deed.within(); at != null; at = at.outer()) {
                last = Math.max(last, at.choice());
            }
        }
        return last;
    }
}
