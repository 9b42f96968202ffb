package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> sets <field> of another object} */
@AutoService(Clause.class)
public final class SetsOfAnother implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sets {field} of another object";
    }

    @Override
    public String meaning() {
        return "It gives the field of an object that is not its own another value, or adds to it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (!sets.own() || Surroundings.isAround(operation.home(), sets.field())) {
                Promised.and(sets.field()).forEach(field -> into.add(sets.at(), operation, field));
            }
        });
        Deeds.each(model, Deed.Stores.class, (operation, stores) -> {
            if (stores.index() == null && stores.container().first() instanceof Origin.OfField(Field field, boolean own)
                    && (!own || Surroundings.isAround(operation.home(), field))) {
                into.add(stores.at(), operation, field);
            }
        });
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (!calls.receiver().anyOf(Origin.Self.class)) {
                Promised.set(calls).forEach(field -> into.add(calls.at(), operation, field));
            }
            boolean adds = LibraryKnowledge.of(operation.home()).adds(calls.name())
                    && (calls.callee() == null || calls.callee().home().external());
            if (adds && calls.receiver().first() instanceof Origin.OfField(Field field, boolean own) && !own
                    && (field.held().container() != null || field.type().dimensions() > 0)) {
                into.add(calls.at(), operation, field);
            }
        });
    }
}
