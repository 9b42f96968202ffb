package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import java.util.Map;

/** {@code <type> is long to construct} */
@AutoService(Clause.class)
public final class IsLongToConstruct implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is long to construct";
    }

    @Override
    public String meaning() {
        return "Its constructor takes five values or more, or its constructors grow from one to the next; a mere value that is made once is not.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<CodeType, Integer> made = Reading.creations(model);
        for (CodeType type : model.types()) {
            int places = made.getOrDefault(type, 0);
            if (places > 0 && Sequences.isLong(type, places)) {
                into.add(type.place(), type);
            }
        }
    }
}
