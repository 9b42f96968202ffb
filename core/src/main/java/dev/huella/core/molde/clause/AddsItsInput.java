package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> adds its input to <field>} */
@AutoService(Clause.class)
public final class AddsItsInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} adds its input to {field}";
    }

    @Override
    public String meaning() {
        return "A parameter, a function around it, or an entry made of it becomes one of the many that the field keeps.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Kept.changes(model, (operation, field, value, at, change) -> {
            if (change == Kept.Change.ADD && (Flows.fromInput(value, operation) || isOneOf(value, operation)
                    || isPartOf(value, operation) || isAround(value, operation)
                    || Entries.isMadeOfInput(value, operation))) {
                into.add(at, operation, field);
            }
        });
    }

    /** A function written here that calls what was handed over. */
    private static boolean isAround(Flow value, Operation operation) {
        return value.any(origin -> origin instanceof Origin.OfFunction(CodeType written) && written.operations()
                .stream()
                .flatMap(body -> body.deeds().stream())
                .anyMatch(deed -> deed instanceof Deed.Calls calls
                        && calls.receiver().first() instanceof Origin.OfParameter(Operation of, int _)
                        && of == operation));
    }

    /** Put together, in a list written in place, with what else is kept of it. */
    private static boolean isPartOf(Flow value, Operation operation) {
        boolean together = value.type().type() == null && !value.type().arguments().isEmpty();
        return (together || value.type().dimensions() > 0
                || LibraryKnowledge.of(operation.home()).container(value.type()) != null)
                && value.any(origin -> origin instanceof Origin.Result(Operation callee, Origin part) && callee == null
                        && Origins.parameter(part, operation) != null);
    }

    /** One of several that were handed over together. */
    private static boolean isOneOf(Flow value, Operation operation) {
        return value.any(origin -> origin instanceof Origin.ElementOf(Origin many)
                && Origins.parameter(many, operation) != null);
    }
}
