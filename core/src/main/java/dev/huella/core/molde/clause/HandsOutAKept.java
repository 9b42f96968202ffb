package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> hands out a kept <type>} */
@AutoService(Clause.class)
public final class HandsOutAKept implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands out a kept {type}";
    }

    @Override
    public String meaning() {
        return "It returns an object that a field holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Returns.class, (operation, returns) -> {
            if (returns.value() == null || !operation.isOwn(returns.within())) {
                return;
            }
            for (Origin origin : Origins.of(returns.value())) {
                Field field = Origins.field(origin);
                CodeType held = field == null ? null : field.held().type().erased();
                if (held != null && (Origins.isElement(origin) || field.held().many() != Multiplicity.MANY)) {
                    into.add(returns.at(), operation, held);
                }
            }
        });
    }
}
