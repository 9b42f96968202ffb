package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> answers <operation> by <operation>} */
@AutoService(Clause.class)
public final class Answers implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} answers {operation} by {operation}";
    }

    @Override
    public String meaning() {
        return "When the first operation is called on an object of the type, the body of the second runs.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (!type.isAbstract()) {
                Hierarchy.answers(type).forEach((asked, answer) -> into.add(answer.place(), type, asked, answer));
            }
        }
    }
}
