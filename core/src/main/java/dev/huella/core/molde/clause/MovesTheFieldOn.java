package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> moves <field> on} */
@AutoService(Clause.class)
public final class MovesTheFieldOn implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} moves {field} on";
    }

    @Override
    public String meaning() {
        return "It counts the field of its object up or down, or follows a link of what the field holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Stores.class, (operation, stores) -> {
            for (Origin origin : stores.container().origins()) {
                if (origin instanceof Origin.OfField(Field field, boolean own) && own && !field.isStatic()
                        && field.held().container() == null && field.type().dimensions() == 0) {
                    into.add(stores.at(), operation, field);
                }
            }
        });
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            boolean follows = sets.value()
                    .origins()
                    .stream()
                    .anyMatch(origin -> origin instanceof Origin.OfField(Field link, boolean own) && !own
                            && sets.field().held().type().erased() == link.home());
            if (sets.own() && follows) {
                into.add(sets.at(), operation, sets.field());
            }
        });
    }
}
