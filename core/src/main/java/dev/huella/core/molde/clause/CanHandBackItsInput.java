package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.molde.Clause;

/** {@code <operation> can hand back what it is given} */
@AutoService(Clause.class)
public final class CanHandBackItsInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} can hand back what it is given";
    }

    @Override
    public String meaning() {
        return "Where there is one, it returns one of its own parameters as it came, whatever kind it is of.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Returns.class, (operation, returns) -> {
            if (returns.value() != null && operation.isOwn(returns.within())
                    && Origins.parameter(returns.value().first(), operation) != null
                    && isWhereThereIsOne(operation, returns)) {
                into.add(returns.at(), operation);
            }
        });
    }

    /** It comes before a new one, and not where nothing else fits or where it is found to be of the kind that is asked for. */
    private static boolean isWhereThereIsOne(Operation operation, Deed.Returns returns) {
        Origin given = returns.value().first();
        boolean tested = false;
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.AsksKind asks && asks.value().first().equals(given)) {
                return false;
            }
            tested |= deed instanceof Deed.TestsAbsence tests && tests.value().first().equals(given);
        }
        return returns.value().anyOf(Origin.Fresh.class)
                || tested && !Setting.inside(returns.within(), Setting.Kind.REST);
    }
}
