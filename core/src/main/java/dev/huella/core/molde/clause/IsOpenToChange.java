package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;

/** {@code <field> is open to change} */
@AutoService(Clause.class)
public final class IsOpenToChange implements Clause.Listed {

    @Override
    public String syntax() {
        return "{field} is open to change";
    }

    @Override
    public String meaning() {
        return "The language could close it, but anyone can give the field of an object another value.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            if (isOpen(field)) {
                into.add(field.place(), field);
            }
        });
    }

    static boolean isOpen(Field field) {
        boolean value = field.home().kind() == TypeKind.STRUCT || field.home().kind() == TypeKind.RECORD;
        return !value && !field.isStatic() && field.modifiers().visibility() == Visibility.PUBLIC
                && !field.modifiers().has(Mark.FINAL)
                && !LibraryKnowledge.of(field.home()).closesNothing(field.home().language());
    }
}
