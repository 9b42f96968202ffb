package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <type> brings along <type>} */
@AutoService(Clause.class)
public final class BringsAlong implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} brings along {type}";
    }

    @Override
    public String meaning() {
        return "A field of the first keeps one of the second, an operation of it makes one and uses it, or it is written where a concrete one is at hand, or inside one, and calls it or sets a field of it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Fronts.parts(model, (front, part, at) -> into.add(at, front, part));
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            CodeType home = operation.home();
            CodeType on = calls.receiver().type().dimensions() > 0 ? null : calls.receiver().type().erased();
            if (on != null && on != home && !on.isAbstract() && !on.external() && operation.depth() == 0
                    && calls.receiver().any(origin -> isAround(operation, origin))) {
                into.add(calls.at(), home, on);
            }
        });
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (Surroundings.isAround(operation.home(), sets.field())) {
                into.add(sets.at(), operation.home(), sets.field().home());
            }
        });
        Deeds.each(model, Deed.Stores.class, (operation, stores) -> {
            if (stores.container().first() instanceof Origin.OfField(Field field, boolean own) && own
                    && Surroundings.isAround(operation.home(), field)) {
                into.add(stores.at(), operation.home(), field.home());
            }
        });
    }

    /** A value of the operation that the type is written in, or of the object that this belongs to. */
    private static boolean isAround(Operation operation, Origin origin) {
        Operation within = operation.home().within();
        return switch (origin) {
            case Origin.OfParameter parameter -> within != null && parameter.operation() != operation;
            case Origin.OfField(Field field, boolean _) -> within != null && field.home() == within.home();
            default -> Surroundings.isAround(operation.home(), origin);
        };
    }
}
