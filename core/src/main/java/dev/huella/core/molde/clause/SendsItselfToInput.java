package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> sends itself to <operation> of its input} */
@AutoService(Clause.class)
public final class SendsItselfToInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sends itself to {operation} of its input";
    }

    @Override
    public String meaning() {
        return "It calls an operation of a parameter and hands itself over in the call.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            boolean onInput = calls.receiver().any(origin -> Origins.parameter(origin, operation) != null);
            if (onInput && Flows.hands(calls, origin -> origin instanceof Origin.Self)) {
                Deeds.targets(calls)
                        .stream()
                        .filter(target -> !isForAnother(calls, target))
                        .forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }

    /** What is handed over is taken for something else that the operation asks for. */
    private static boolean isForAnother(Deed.Calls calls, Operation target) {
        for (int i = 0; i < Math.min(calls.arguments().size(), target.parameters().size()); i++) {
            Operation.Parameter asked = target.parameters().get(i);
            CodeType type = asked.inferred() ? null : asked.type().type();
            if (type != null && !type.external() && !type.shape()
                    && calls.arguments().get(i).first() instanceof Origin.Self(CodeType own)
                    && !Hierarchy.isA(own, type) && !Hierarchy.isA(type, own)) {
                return true;
            }
        }
        return false;
    }
}
