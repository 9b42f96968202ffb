package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.ArrayList;
import java.util.List;

/** {@code <type> asks only for <operation>} */
@AutoService(Clause.class)
public final class AsksOnlyFor implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} asks only for {operation}";
    }

    @Override
    public String meaning() {
        return "The operation is the only one that a realisation must supply.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            List<Operation> asked = new ArrayList<>(type.operations());
            Hierarchy.above(type).forEach(above -> asked.addAll(above.operations()));
            LibraryKnowledge library = LibraryKnowledge.of(type);
            asked.removeIf(operation -> !operation.isAbstract()
                    || type.external() && library.ofEveryObject(operation.name()));
            if (asked.size() == 1) {
                into.add(null, type, asked.getFirst());
            }
        }
    }
}
