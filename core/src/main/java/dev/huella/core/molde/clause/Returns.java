package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryContainers.Kept;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> returns <type>} */
@AutoService(Clause.class)
public final class Returns implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} returns {type}";
    }

    @Override
    public String meaning() {
        return "The declared result is that type, or one of it that comes later or may be missing.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            for (Operation operation : type.operations()) {
                CodeType result = operation.returns().erased();
                if (result != null && operation.returns().dimensions() == 0) {
                    into.add(operation.place(), operation, result);
                }
                Kept wrapped = LibraryKnowledge.of(type).container(operation.returns());
                if (wrapped != null && (wrapped.kind().optional() || wrapped.kind().single())
                        && wrapped.element().dimensions() == 0 && wrapped.element().erased() != null) {
                    into.add(operation.place(), operation, wrapped.element().erased());
                }
            }
        }
    }
}
