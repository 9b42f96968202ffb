package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> makes <type> from more than its key} */
@AutoService(Clause.class)
public final class MakesFromMoreThanItsKey implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} makes {type} from more than its key";
    }

    @Override
    public String meaning() {
        return "What it hands to the constructor is not all part of what it looks for.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Fronts.refills(model, (operation, field, made, at) -> {
            if (Fronts.moreThanKey(operation, field, made)) {
                into.add(at, operation, made);
            }
        });
    }
}
