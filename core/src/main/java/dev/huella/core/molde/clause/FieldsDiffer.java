package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Element;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <field> differs from <field>} */
@AutoService(Clause.class)
public final class FieldsDiffer implements Clause.Tested {

    @Override
    public String syntax() {
        return "{field} differs from {field}";
    }

    @Override
    public String meaning() {
        return "They are not the same field.";
    }

    @Override
    public boolean holds(List<Element> elements, List<String> words) {
        return elements.get(0) != elements.get(1);
    }
}
