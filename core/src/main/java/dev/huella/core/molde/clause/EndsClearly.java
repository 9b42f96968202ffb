package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> ends clearly} */
@AutoService(Clause.class)
public final class EndsClearly implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} ends clearly";
    }

    @Override
    public String meaning() {
        return "It tells, by an error, nothing, or a sign, that there is no more.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            boolean ends = operation.deeds()
                    .stream()
                    .anyMatch(deed -> deed instanceof Deed.Throws || deed instanceof Deed.Chooses
                            || deed instanceof Deed.Returns returns && returns.value() != null
                                    && returns.value().origins().contains(Origin.NOTHING));
            if (ends) {
                into.add(operation.place(), operation);
            }
        });
    }
}
