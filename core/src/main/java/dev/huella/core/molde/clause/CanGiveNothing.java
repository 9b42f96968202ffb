package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <operation> can give nothing} */
@AutoService(Clause.class)
public final class CanGiveNothing implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} can give nothing";
    }

    @Override
    public String meaning() {
        return "On some path it returns null, or ends without a value where it else returns one.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Returns.class, (operation, returns) -> {
            if (returns.value() != null && operation.isOwn(returns.within())
                    && returns.value().origins().contains(Origin.NOTHING)) {
                into.add(returns.at(), operation);
            }
        });
        Deeds.operations(model, operation -> {
            if (LibraryKnowledge.of(operation.home()).endsSilently(operation.home().language())
                    && fallsThrough(operation)) {
                into.add(operation.place(), operation);
            }
        });
    }

    /** It returns in branches only, and there is a way past all of them. */
    private static boolean fallsThrough(Operation operation) {
        boolean gives = false;
        boolean open = false;
        for (Deed deed : operation.deeds()) {
            boolean ends = deed instanceof Deed.Returns || deed instanceof Deed.Throws;
            if (ends && deed.within() == null) {
                return false;
            }
            gives |= deed instanceof Deed.Returns returns && returns.value() != null
                    && operation.isOwn(returns.within());
            open |= deed instanceof Deed.Chooses chooses && chooses.within() == null && !chooses.complete();
        }
        return gives && open;
    }
}
