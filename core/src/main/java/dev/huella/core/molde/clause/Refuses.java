package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> refuses} */
@AutoService(Clause.class)
public final class Refuses implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} refuses";
    }

    @Override
    public String meaning() {
        return "It only says that it is not supported.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Bodies.refuses(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
