package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Setting;
import dev.huella.core.molde.Clause;

/** {@code <operation> is another way to ask <operation>} */
@AutoService(Clause.class)
public final class IsAnotherWayToAsk implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} is another way to ask {operation}";
    }

    @Override
    public String meaning() {
        return "It has the same name and calls the other, which takes something else, outside of any loop.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            Operation asked = calls.callee();
            boolean again = Setting.inside(calls.within(), Setting.Kind.EACH)
                    || Setting.inside(calls.within(), Setting.Kind.WHILE);
            if (asked != null && asked != operation && asked.name().equals(operation.name())
                    && asked.home() == operation.home() && !again) {
                into.add(calls.at(), operation, asked);
            }
        });
    }
}
