package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> hands out a copy of <field>} */
@AutoService(Clause.class)
public final class HandsOutACopyOf implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands out a copy of {field}";
    }

    @Override
    public String meaning() {
        return "It returns something copied from the value of the field.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Returns.class, (operation, returns) -> {
            if (returns.value() != null && operation.isOwn(returns.within())) {
                for (Origin origin : returns.value().origins()) {
                    Origin inner = origin instanceof Origin.Result(Operation callee, Origin receiver) && callee != null
                            && LibraryKnowledge.of(operation.home()).copies(callee.name())
                                    ? receiver
                                    : origin instanceof Origin.CopyOf(Origin copied, boolean _) ? copied : null;
                    Field field = inner == null ? null : Origins.whole(inner);
                    if (field != null && field.held().container() == null) {
                        into.add(returns.at(), operation, field);
                    }
                }
                Field copied = LanguageCopies.copied(operation, returns.value());
                if (copied != null) {
                    into.add(returns.at(), operation, copied);
                }
            }
        });
    }
}
