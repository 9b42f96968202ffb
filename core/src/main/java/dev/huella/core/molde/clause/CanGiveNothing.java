package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> can give nothing} */
@AutoService(Clause.class)
public final class CanGiveNothing implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} can give nothing";
    }

    @Override
    public String meaning() {
        return "On some path it returns null.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Returns.class, (operation, returns) -> {
            if (returns.value() != null && Origins.isOwn(operation, returns.within())
                    && returns.value().origins().contains(Origin.NOTHING)) {
                into.add(returns.at(), operation);
            }
        });
    }
}
