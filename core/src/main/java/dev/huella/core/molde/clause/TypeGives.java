package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** {@code <type> gives <type> to <operation>} */
@AutoService(Clause.class)
public final class TypeGives implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} gives {type} to {operation}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the first an object or function of the second is handed to the operation, or to one that hands it on to that constructor.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<Operation, Map<Integer, Set<Operation>>> handers = new HashMap<>();
        Kept.handedOn(model, (operation, index, constructor, as) -> handers
                .computeIfAbsent(operation, key -> new HashMap<>())
                .computeIfAbsent(index, key -> new LinkedHashSet<>())
                .add(constructor));
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            given(model, operation, calls.arguments(), calls.callee(), calls.at(), into);
            handers.getOrDefault(calls.callee(), Map.of()).forEach((index, constructors) -> {
                if (index < calls.arguments().size()) {
                    constructors.forEach(constructor -> given(model, operation,
                            List.of(calls.arguments().get(index)), constructor, calls.at(), into));
                }
            });
        });
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> given(model, operation, creates.arguments(),
                creates.constructor(), creates.at(), into));
    }

    private static void given(Model model, Operation operation, List<Flow> arguments, Operation to, SourceSpan at,
            Rows into) {
        for (Flow argument : to == null ? List.<Flow>of() : arguments) {
            for (Origin origin : Origins.of(argument)) {
                CodeType made = Kept.made(model, origin);
                if (made != null) {
                    Deeds.speaking(operation.home()).forEach(speaking -> into.add(at, speaking, made, to));
                }
            }
        }
    }
}
