package dev.huella.core.molde.clause;

import java.util.List;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.CodeType;
import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;

/** {@code <type> calls <operation>} */
@AutoService(Clause.class)
public final class TypeCalls implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} calls {operation}";
    }

    @Override
    public String meaning() {
        return "Somewhere in the type the operation is called, also by way of the own form of a subtype.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            for (Operation target : Deeds.targets(calls)) {
                Deeds.speaking(operation.home()).forEach(speaking -> into.add(calls.at(), speaking, target));
            }
        });
        Deeds.each(model, Deed.GoesThrough.class, (operation, goes) -> {
            for (Operation asked : askedByLoop(goes.over().type())) {
                Deeds.speaking(operation.home()).forEach(speaking -> into.add(goes.at(), speaking, asked));
            }
        });
    }

    /** What the language calls on an object of the sources that a loop goes through. */
    private static List<Operation> askedByLoop(TypeUse over) {
        CodeType type = over.dimensions() > 0 ? null : over.erased();
        return type == null || type.external()
                ? List.of()
                : type.operations()
                        .stream()
                        .filter(one -> LibraryKnowledge.of(type).asksForSteps(one.name()))
                        .toList();
    }
}
