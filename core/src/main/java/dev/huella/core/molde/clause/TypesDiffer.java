package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Element;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <type> differs from <type>} */
@AutoService(Clause.class)
public final class TypesDiffer implements Clause.Tested {

    @Override
    public String syntax() {
        return "{type} differs from {type}";
    }

    @Override
    public String meaning() {
        return "They are not the same type.";
    }

    @Override
    public boolean holds(List<Element> elements, List<String> words) {
        return elements.get(0) != elements.get(1);
    }
}
