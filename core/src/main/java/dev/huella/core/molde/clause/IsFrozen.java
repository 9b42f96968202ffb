package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <type> is frozen} */
@AutoService(Clause.class)
public final class IsFrozen implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is frozen";
    }

    @Override
    public String meaning() {
        return "Its objects are closed to every change when they are set up, or where they are made.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (LibraryKnowledge.of(operation.home()).lists("freezes", calls.name())) {
                CodeType frozen = frozen(operation, calls.receiver().first());
                if (frozen != null) {
                    into.add(calls.at(), frozen);
                }
            }
        });
    }

    private static CodeType frozen(Operation operation, Origin what) {
        return switch (what) {
            case Origin.Fresh(CodeType made) -> made;
            case Origin.Self _ when operation.isConstructor() -> operation.home();
            default -> null;
        };
    }
}
