package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> is a form of <operation>} */
@AutoService(Clause.class)
public final class IsAFormOf implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is a form of {operation}";
    }

    @Override
    public String meaning() {
        return "The first is the second or stands in its place.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            into.add(operation.place(), operation, operation);
            operation.overridden().forEach(over -> into.add(operation.place(), operation, over));
        });
    }
}
