package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <operation> makes up the input of <operation>} */
@AutoService(Clause.class)
public final class MakesUpTheInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} makes up the input of {operation}";
    }

    @Override
    public String meaning() {
        return "It calls the other with constants and new objects only, into which nothing of its own input went.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (!operation.parameters().isEmpty() && !calls.arguments().isEmpty()
                    && calls.arguments().stream().allMatch(argument -> isMadeUp(argument, operation))) {
                Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target));
            }
        });
    }

    private static boolean isMadeUp(Flow argument, Operation operation) {
        return argument.origins()
                .stream()
                .allMatch(origin -> origin instanceof Origin.Constant
                        || origin instanceof Origin.Fresh(var made) && operation.deeds()
                                .stream()
                                .noneMatch(deed -> deed instanceof Deed.Creates creates && creates.type() == made
                                        && isFilled(creates.arguments())));
    }

    private static boolean isFilled(List<Flow> arguments) {
        return arguments.stream()
                .anyMatch(one -> one.any(origin -> !(origin instanceof Origin.Constant)));
    }
}
