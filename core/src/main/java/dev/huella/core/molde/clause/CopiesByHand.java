package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> copies <type> by hand} */
@AutoService(Clause.class)
public final class CopiesByHand implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} copies {type} by hand";
    }

    @Override
    public String meaning() {
        return "It makes an object of the second from the fields of another one.";
    }

    @Override
    public void rows(Model model, Rows into) {
        CopyingByHand.each(model, (operation, type, lost, at) -> into.add(at, operation.home(), type));
    }
}
