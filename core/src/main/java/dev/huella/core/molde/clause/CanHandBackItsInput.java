package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
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
        return "On some path it returns one of its own parameters as it came.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Returns.class, (operation, returns) -> {
            if (returns.value() != null && operation.isOwn(returns.within())
                    && returns.value().any(origin -> Origins.parameter(origin, operation) != null)) {
                into.add(returns.at(), operation);
            }
        });
    }
}
