package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> keeps part of its input} */
@AutoService(Clause.class)
public final class KeepsPartOfItsInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} keeps part of its input";
    }

    @Override
    public String meaning() {
        return "Something it is given, or a choice it stands for, goes into a field of its object.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            SourceSpan at = Assembly.keeps(operation);
            if (at != null) {
                into.add(at, operation);
            }
        });
    }
}
