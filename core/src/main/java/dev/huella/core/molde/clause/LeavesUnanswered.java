package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.Map;

/** {@code <type> leaves <operation> unanswered} */
@AutoService(Clause.class)
public final class LeavesUnanswered implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} leaves {operation} unanswered";
    }

    @Override
    public String meaning() {
        return "An operation asked of the type has no body anywhere above it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (!type.isAbstract() && type.kind() == TypeKind.CLASS && Hierarchy.fullyKnown(type)) {
                Map<Operation, Operation> answers = Hierarchy.answers(type);
                for (CodeType above : Hierarchy.above(type)) {
                    above.operations()
                            .stream()
                            .filter(Operation::isAbstract)
                            .filter(asked -> !answers.containsKey(asked))
                            .filter(asked -> Hierarchy.missing(type, asked))
                            .forEach(asked -> into.add(type.place(), type, asked));
                }
            }
        }
    }
}
