package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> supplies <operation> itself by <operation>} */
@AutoService(Clause.class)
public final class SuppliesItself implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} supplies {operation} itself by {operation}";
    }

    @Override
    public String meaning() {
        return "The type declares an operation that stands in place of the first; it may be abstract otherwise.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> operation.overridden()
                .forEach(over -> into.add(operation.place(), operation.home(), over, operation)));
    }
}
