package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.Map;

/** {@code <type> is a single object} */
@AutoService(Clause.class)
public final class IsASingleObject implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is a single object";
    }

    @Override
    public String meaning() {
        return "The language makes the one object of the type itself.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<CodeType, Integer> made = Reading.creations(model);
        for (CodeType type : model.types()) {
            boolean byFunction = type.operations().stream().anyMatch(Operation::isConstructor);
            if (type.kind() == TypeKind.OBJECT && !type.anonymous() && !byFunction && !made.containsKey(type)) {
                into.add(type.place(), type);
            }
        }
    }
}
