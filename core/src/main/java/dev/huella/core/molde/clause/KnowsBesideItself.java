package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import java.util.HashSet;
import java.util.Set;

/** {@code <type> knows <type> beside itself} */
@AutoService(Clause.class)
public final class KnowsBesideItself implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} knows {type} beside itself";
    }

    @Override
    public String meaning() {
        return "The text of the first names the second, which is another type, or it calls what the second declares.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            for (Mention mention : type.mentions()) {
                if (mention.to() != type) {
                    Deeds.speaking(type).forEach(speaking -> into.add(mention.at(), speaking, mention.to()));
                }
            }
        }
        Set<Long> seen = new HashSet<>();
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            CodeType caller = operation.home();
            CodeType called = calls.callee() == null ? caller : calls.callee().home();
            if (called != caller && !called.external() && seen.add((long) caller.id() << 32 | called.id())
                    && !Hierarchy.isA(caller, called)) {
                Deeds.speaking(caller).forEach(speaking -> into.add(calls.at(), speaking, called));
            }
        });
    }
}
