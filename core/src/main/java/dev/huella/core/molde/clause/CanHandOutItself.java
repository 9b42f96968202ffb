package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> can hand out its own object} */
@AutoService(Clause.class)
public final class CanHandOutItself implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} can hand out its own object";
    }

    @Override
    public String meaning() {
        return "On some path it returns the object it is called on.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Returns.class, (operation, returns) -> {
            boolean itself = returns.value() != null && operation.isOwn(returns.within()) && returns.value()
                    .any(origin -> origin instanceof Origin.Self(CodeType of) && of == operation.home());
            boolean value = operation.home().kind() == TypeKind.STRUCT;
            if (itself && !value) {
                into.add(returns.at(), operation);
            }
        });
    }
}
