package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** {@code <operation> accepts <type>} */
@AutoService(Clause.class)
public final class Accepts implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} accepts {type}";
    }

    @Override
    public String meaning() {
        return "An object of that type can be given to it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<CodeType, List<Operation>> takers = new HashMap<>();
        Deeds.operations(model, operation -> operation.parameters()
                .stream()
                .map(parameter -> parameter.type().erased())
                .filter(taken -> taken != null && !LibraryKnowledge.of(taken).root(taken))
                .forEach(taken -> takers.computeIfAbsent(taken, key -> new ArrayList<>()).add(operation)));
        for (CodeType type : model.types()) {
            takers.getOrDefault(type, List.of()).forEach(operation -> into.add(operation.place(), operation, type));
            Hierarchy.above(type)
                    .forEach(above -> takers.getOrDefault(above, List.of())
                            .forEach(operation -> into.add(operation.place(), operation, type)));
        }
    }
}
