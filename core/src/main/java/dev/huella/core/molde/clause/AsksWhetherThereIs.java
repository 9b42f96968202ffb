package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> asks whether there is <type>} */
@AutoService(Clause.class)
public final class AsksWhetherThereIs implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} asks whether there is {type}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the first a value of the second is tested to be there at all.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.TestsAbsence.class, (operation, tests) -> {
            CodeType asked = tests.value().type().dimensions() > 0 ? null : tests.value().type().erased();
            if (asked != null) {
                Deeds.speaking(operation.home()).forEach(speaking -> {
                    into.add(tests.at(), speaking, asked);
                    Hierarchy.above(asked).forEach(above -> into.add(tests.at(), speaking, above));
                });
            }
        });
    }
}
