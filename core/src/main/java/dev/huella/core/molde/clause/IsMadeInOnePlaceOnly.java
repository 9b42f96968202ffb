package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import java.util.Map;

/** {@code <type> is made in one place only} */
@AutoService(Clause.class)
public final class IsMadeInOnePlaceOnly implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is made in one place only";
    }

    @Override
    public String meaning() {
        return "The sources make an object of the type in exactly one place.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<CodeType, Integer> made = Reading.creations(model);
        for (CodeType type : model.types()) {
            if (made.getOrDefault(type, 0) == 1) {
                into.add(type.place(), type);
            }
        }
    }
}
