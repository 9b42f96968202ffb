package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.molde.Clause;
import dev.huella.core.source.SourceSpan;

/** {@code <operation> hands out what <field> keeps} */
@AutoService(Clause.class)
public final class HandsOutWhatIsKept implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} hands out what {field} keeps";
    }

    @Override
    public String meaning() {
        return "It returns the very value of the field.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            for (Deed deed : operation.deeds()) {
                if (deed instanceof Deed.Returns(Flow value, Setting within, SourceSpan at) && value != null
                        && operation.isOwn(within)) {
                    for (Origin origin : Origins.of(value)) {
                        Field field = Origins.whole(origin);
                        if (field != null && !(origin instanceof Origin.CopyOf)) {
                            into.add(at, operation, field);
                        }
                    }
                }
            }
        });
    }
}
