package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Element;
import dev.huella.core.molde.Clause;
import java.util.List;

/** {@code <operation> differs from <operation>} */
@AutoService(Clause.class)
public final class OperationsDiffer implements Clause.Tested {

    @Override
    public String syntax() {
        return "{operation} differs from {operation}";
    }

    @Override
    public String meaning() {
        return "They are not the same operation.";
    }

    @Override
    public boolean holds(List<Element> elements, List<String> words) {
        return elements.get(0) != elements.get(1);
    }
}
