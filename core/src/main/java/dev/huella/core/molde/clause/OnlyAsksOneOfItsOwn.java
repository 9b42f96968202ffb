package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> only asks one of its own} */
@AutoService(Clause.class)
public final class OnlyAsksOneOfItsOwn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} only asks one of its own";
    }

    @Override
    public String meaning() {
        return "All it does is call another operation of its object and hand back what that gives, perhaps turned by the library.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            long asks = operation.deeds().stream().filter(OnlyAsksOneOfItsOwn::asks).count();
            boolean nothingElse = operation.deeds()
                    .stream()
                    .allMatch(deed -> asks(deed) || turns(deed) || deed instanceof Deed.Returns returns
                            && (returns.value() == null || returns.value().any(OnlyAsksOneOfItsOwn::isGiven)));
            if (asks == 1 && nothingElse) {
                into.add(operation.place(), operation);
            }
        });
    }

    private static boolean asks(Deed deed) {
        return deed instanceof Deed.Calls call && call.receiver().anyOf(Origin.Self.class) && !turns(deed);
    }

    /** The library makes something else of what it gives: {@code iter(self.lamps())}, {@code lamps().length()}. */
    private static boolean turns(Deed deed) {
        return deed instanceof Deed.Calls call && call.used()
                && (call.callee() == null || call.callee().home().external())
                && (call.arguments().isEmpty() && isOfItsOwn(call.receiver())
                        || call.arguments().size() == 1 && isOfItsOwn(call.arguments().getFirst()));
    }

    private static boolean isGiven(Origin origin) {
        return origin instanceof Origin.Result
                || origin instanceof Origin.CopyOf(Origin of, boolean _) && of instanceof Origin.Result;
    }

    private static boolean isOfItsOwn(Flow flow) {
        return flow.first() instanceof Origin.Result(Operation asked, Origin of) && asked != null
                && of instanceof Origin.Self;
    }
}
