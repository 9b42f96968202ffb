package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <type> does nothing at all} */
@AutoService(Clause.class)
public final class DoesNothingAtAll implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} does nothing at all";
    }

    @Override
    public String meaning() {
        return "Each of its operations is empty or gives back a neutral value; some may say something fixed where others do more, if fewer do or one is empty. It may tell that it is the only one of its kind.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            List<Operation> own = Deeds.own(type)
                    .filter(operation -> operation.kind() == Kind.OPERATION
                            && operation.hasBody() && !operation.isStatic() && !Bodies.tellsItsKind(operation))
                    .toList();
            long says = own.stream().filter(operation -> !isNothing(operation)).count();
            boolean little = says == 0 || own.size() - says > says || own.stream().anyMatch(Bodies::empty);
            if (own.stream().anyMatch(operation -> isNothing(operation) && !(says > 0 && Bodies.passesInput(operation)))
                    && little && own.stream().allMatch(operation -> isNothing(operation) || Bodies.says(operation))) {
                into.add(type.place(), type);
            }
        }
    }

    private static boolean isNothing(Operation operation) {
        return Bodies.empty(operation) || Neutral.givesNothing(operation);
    }
}
