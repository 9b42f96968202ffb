package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <field> is read in another file} */
@AutoService(Clause.class)
public final class IsReadInAnotherFile implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is read in another file";
    }

    @Override
    public String meaning() {
        return "Code outside the file of the field uses its value.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Reading.each(model, (operation, field, at) -> {
            if (field.place() != null && at != null && !at.file().equals(field.place().file())) {
                into.add(at, field);
            }
        });
    }
}
