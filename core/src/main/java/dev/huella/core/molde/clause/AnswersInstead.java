package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <operation> may answer instead of <operation> through <field>} */
@AutoService(Clause.class)
public final class AnswersInstead implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} may answer instead of {operation} through {field}";
    }

    @Override
    public String meaning() {
        return "What it is given decides whether it passes the call on or has an answer of its own, which it does not keep.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Passing.each(model, (operation, calls, field) -> {
            if (Stopping.answersItself(operation, field)) {
                Passing.meant(operation, calls).forEach(target -> into.add(calls.at(), operation, target, field));
            }
        });
    }
}
