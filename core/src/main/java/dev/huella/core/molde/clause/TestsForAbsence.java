package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> tests <field> for absence} */
@AutoService(Clause.class)
public final class TestsForAbsence implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} tests {field} for absence";
    }

    @Override
    public String meaning() {
        return "It asks whether the field holds anything.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.TestsAbsence.class, (operation, tests) -> tests.value()
                .origins()
                .stream()
                .map(Origins::field)
                .filter(field -> field != null)
                .forEach(field -> into.add(tests.at(), operation, field)));
    }
}
