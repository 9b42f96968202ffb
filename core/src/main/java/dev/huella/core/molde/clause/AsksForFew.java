package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.stream.Stream;

/** {@code <type> asks for few operations} */
@AutoService(Clause.class)
public final class AsksForFew implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} asks for few operations";
    }

    @Override
    public String meaning() {
        return "Realisations of it must supply three operations at the most.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            long asked = Stream
                    .concat(Stream.of(type), Hierarchy.above(type).stream().filter(above -> !above.external()))
                    .flatMap(one -> one.operations().stream())
                    .filter(Operation::isAbstract)
                    .map(Operation::name)
                    .distinct()
                    .count();
            if (asked <= 3) {
                into.add(type.place(), type);
            }
        }
    }
}
