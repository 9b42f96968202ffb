package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> keeps entries for <type>} */
@AutoService(Clause.class)
public final class KeepsEntriesFor implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} keeps entries for {type}";
    }

    @Override
    public String meaning() {
        return "The field keeps many objects that only hold together a few things, one of which is of that type.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            CodeType entry = Entries.kept(field);
            if (entry != null) {
                Entries.slots(entry)
                        .map(slot -> slot.held().type().erased())
                        .distinct()
                        .forEach(one -> into.add(field.place(), field, one));
            }
        });
    }
}
