package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is spared what <type> holds} */
@AutoService(Clause.class)
public final class IsSparedWhatItHolds implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is spared what {type} holds";
    }

    @Override
    public String meaning() {
        return "The first calls the second, or the only one that answers what it calls, and names none of the types"
                + " that the second holds or makes, and where it calls it makes none of their kinds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Fronts.spared(model, (client, front, at) -> into.add(at, client, front));
    }
}
