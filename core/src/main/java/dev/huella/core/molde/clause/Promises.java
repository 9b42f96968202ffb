package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> promises <type>} */
@AutoService(Clause.class)
public final class Promises implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} promises {type}";
    }

    @Override
    public String meaning() {
        return "The declared result is that type; where none is declared, the nearest type above all that its forms make.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.returns().dimensions() > 0) {
                return; // many are not one
            }
            CodeType declared = operation.returns().erased();
            if (declared != null && !LibraryKnowledge.of(declared).isRoot(declared)
                    && !(declared.place() != null && !declared.isAbstract() && operation.isAbstract()
                            && Creation.common(operation) != null)
                    && !(operation.isResultInferred() && Creation.common(operation) != null)) {
                into.add(operation.place(), operation, declared);
            } else if (declared == null && !operation.returns().isVoid() || declared != null) {
                CodeType common = Creation.common(operation);
                if (common != null) {
                    into.add(operation.place(), operation, common);
                }
            }
        });
    }
}
