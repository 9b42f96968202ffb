package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> tests <field> for absence over again} */
@AutoService(Clause.class)
public final class TestsAgainAndAgain implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} tests {field} for absence over again";
    }

    @Override
    public String meaning() {
        return "In three or more places it asks whether the field holds anything before it uses it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Switches.absenceTests(model, (type, field, at) -> into.add(at, type, field));
    }
}
