package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;

/** {@code <operation> makes one that no <field> keeps} */
@AutoService(Clause.class)
public final class MakesOneThatIsNotKept implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} makes one that no {field} keeps";
    }

    @Override
    public String meaning() {
        return "On some path it returns a new object that it does not put into the field.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            for (CodeType made : Creation.fresh(operation).keySet()) {
                int kept = 0;
                int all = 0;
                for (Operation reached : operation.reached()) {
                    for (Deed deed : reached.deeds()) {
                        all += deed instanceof Deed.Creates creates && creates.type() == made ? 1 : 0;
                        kept += deed instanceof Deed.Sets sets && sets.own() && Origins.of(sets.value())
                                .stream()
                                .anyMatch(origin -> Origins.made(origin) == made) ? 1 : 0;
                    }
                }
                if (all > kept) {
                    operation.home()
                            .outermost()
                            .fields()
                            .stream()
                            .filter(field -> field.held().type().erased() == made)
                            .forEach(field -> into.add(operation.place(), operation, field));
                }
            }
        });
    }
}
