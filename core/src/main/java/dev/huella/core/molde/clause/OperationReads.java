package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> reads <field>} */
@AutoService(Clause.class)
public final class OperationReads implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} reads {field}";
    }

    @Override
    public String meaning() {
        return "The value of the field is used in the body of the operation.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Reading.each(model, (operation, field, at) -> into.add(at, operation, field));
    }
}
