package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import java.util.Map;

/** {@code <type> is a closed surface} */
@AutoService(Clause.class)
public final class IsAClosedSurface implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is a closed surface";
    }

    @Override
    public String meaning() {
        return "An object written in place around variables that only it can see, and made once.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<CodeType, Integer> made = Reading.creations(model);
        for (CodeType type : model.types()) {
            boolean inside = type.fields()
                    .stream()
                    .anyMatch(field -> field.modifiers().visibility() == Visibility.PRIVATE);
            if (type.kind() == TypeKind.OBJECT && type.anonymous() && inside && made.getOrDefault(type, 0) == 1) {
                into.add(type.place(), type);
            }
        }
    }
}
