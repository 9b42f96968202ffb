package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> answers with a number} */
@AutoService(Clause.class)
public final class AnswersWithANumber implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} answers with a number";
    }

    @Override
    public String meaning() {
        return "What it gives is a number.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Stepping.givesNumber(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }
}
