package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> puts several to work} */
@AutoService(Clause.class)
public final class PutsSeveralToWork implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} puts several to work";
    }

    @Override
    public String meaning() {
        return "It calls operations of objects of two or more types of the sources which its own object holds or makes, not only one of them in place of another.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            Fronts.workingTogether(operation).values().forEach(at -> into.add(at, operation));
        });
    }
}
