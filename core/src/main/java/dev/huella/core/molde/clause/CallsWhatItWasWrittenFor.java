package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> calls <operation> on the <type> it was written for} */
@AutoService(Clause.class)
public final class CallsWhatItWasWrittenFor implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on the {type} it was written for";
    }

    @Override
    public String meaning() {
        return "Its type is written inside an operation, and it calls what that operation was handed or was added to from outside.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            CodeType on = calls.receiver().type().dimensions() > 0 ? null : calls.receiver().type().erased();
            if (on != null && operation.depth() == 0 && operation.home().outer() != null
                    && calls.receiver().any(origin -> isFor(operation, origin))) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target, on));
            }
        });
    }

    private static boolean isFor(Operation operation, Origin origin) {
        return switch (origin) {
            case Origin.OfParameter parameter -> parameter.operation() != operation
                    && !operation.place().contains(parameter.operation().place()); // a function of its own is no place around
            case Origin.Self(CodeType of) -> of != operation.home() && Deeds.isAddedTo(of, operation.place());
            default -> false;
        };
    }
}
