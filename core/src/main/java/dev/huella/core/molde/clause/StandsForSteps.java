package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> stands for steps of <operation>} */
@AutoService(Clause.class)
public final class StandsForSteps implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} stands for steps of {operation}";
    }

    @Override
    public String meaning() {
        return "The declared type of what steps; the type itself where none is declared.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (Stepping.yields(operation) != null) {
                CodeType declared = operation.returns().dimensions() > 0 ? null : operation.returns().type();
                into.add(operation.place(), declared == null || declared.id() < 0 ? operation.home() : declared,
                        operation);
            }
        });
    }
}
