package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <operation> sets <field> to what <operation> gives on it} */
@AutoService(Clause.class)
public final class SetsToWhatItGives implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} sets {field} to what {operation} gives on it";
    }

    @Override
    public String meaning() {
        return "The field gets what a call on its own value gives back, or what lies in a table under that.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            for (Origin origin : sets.value().origins()) {
                if (sets.own() && origin instanceof Origin.Result(Operation callee, Origin receiver) && callee != null
                        && receiver != null && Origins.whole(receiver) == sets.field()) {
                    into.add(sets.at(), operation, sets.field(), callee);
                    callee.overridden().forEach(above -> into.add(sets.at(), operation, sets.field(), above));
                }
                if (sets.own() && origin instanceof Origin.ElementOf(Origin.OfField table) && table.own()) {
                    named(operation, sets, table.field(), into);
                }
            }
        });
    }

    /** What a call on the field gives says which one of a table comes next. */
    private static void named(Operation operation, Deed.Sets sets, Field table, Rows into) {
        List<Deed.Calls> lookups = operation.deeds()
                .stream()
                .filter(deed -> deed instanceof Deed.Calls calls
                        && calls.receiver().any(origin -> Origins.whole(origin) == table))
                .map(Deed.Calls.class::cast)
                .toList();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls asked && asked.used() && asked.callee() != null
                    && asked.receiver().any(origin -> Origins.whole(origin) == sets.field())
                    && (lookups.isEmpty() || lookups.stream().anyMatch(lookup -> isToldBy(lookup, asked)))) {
                into.add(sets.at(), operation, sets.field(), asked.callee());
            }
        }
    }

    private static boolean isToldBy(Deed.Calls lookup, Deed.Calls asked) {
        return lookup.arguments()
                .stream()
                .anyMatch(key -> key.any(origin -> origin instanceof Origin.Result(Operation told, var _)
                        && told == asked.callee()));
    }
}
