package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** {@code <operation> shares its name with <operation>} */
@AutoService(Clause.class)
public final class SharesItsName implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} shares its name with {operation}";
    }

    @Override
    public String meaning() {
        return "One type has both, and they differ only in what they take.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            Map<String, List<Operation>> named = new HashMap<>();
            type.operations()
                    .stream()
                    .filter(operation -> operation.kind() == Kind.OPERATION)
                    .forEach(operation -> named.computeIfAbsent(operation.name(), key -> new ArrayList<>())
                            .add(operation));
            for (Operation one : type.operations()) {
                for (Operation other : named.getOrDefault(one.name(), List.of())) {
                    if (one != other) {
                        into.add(one.place(), one, other);
                    }
                }
            }
        }
    }
}
