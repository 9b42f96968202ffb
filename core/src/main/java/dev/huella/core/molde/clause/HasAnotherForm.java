package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.molde.Clause;
import java.util.ArrayList;
import java.util.List;

/** {@code <operation> has another form than <operation>} */
@AutoService(Clause.class)
public final class HasAnotherForm implements Clause.Tested {

    @Override
    public String syntax() {
        return "{operation} has another form than {operation}";
    }

    @Override
    public String meaning() {
        return "Name, parameters or result differ.";
    }

    @Override
    public boolean holds(List<Element> elements, List<String> words) {
        var one = (Operation) elements.get(0);
        var other = (Operation) elements.get(1);
        return !one.name().equals(other.name()) || !types(one).equals(types(other));
    }

    private static List<String> types(Operation operation) {
        List<String> all = new ArrayList<>();
        operation.parameters().forEach(parameter -> all.add(text(parameter.type())));
        CodeType returned = operation.returns().dimensions() > 0 ? null : operation.returns().type();
        boolean itself = returned != null && Hierarchy.isA(operation.home(), returned);
        all.add(itself ? "" : text(operation.returns()));
        return all;
    }

    private static String text(TypeUse use) {
        return (use.type() == null ? use.text() : use.type().qualifiedName()) + "[]".repeat(use.dimensions());
    }
}
