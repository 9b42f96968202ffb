package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> makes objects of <type>} */
@AutoService(Clause.class)
public final class MakesObjectsOf implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} makes objects of {type}";
    }

    @Override
    public String meaning() {
        return "What the language calls when an object of the type is asked for, and which hands out one of its choice.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            boolean chooses = operation.name().equals("__new__") && operation.isStatic()
                    || operation.isConstructor() && operation.deeds()
                            .stream()
                            .anyMatch(deed -> deed instanceof Deed.Returns returns && returns.value() != null
                                    && operation.isOwn(returns.within()));
            if (chooses) {
                into.add(operation.place(), operation, operation.home());
            }
        });
        for (CodeType type : model.types()) {
            for (CodeType maker : type.makers()) {
                maker.operations()
                        .stream()
                        .filter(operation -> LibraryKnowledge.of(maker).invokes(operation.name()))
                        .forEach(operation -> into.add(operation.place(), operation, type));
            }
        }
    }
}
