package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.resolve.Rule;

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

    /** Open to all, or to all of a code base whose language leaves what is not marked open to all of it. */
    private static boolean isSeen(Field field) {
        Visibility visibility = field.modifiers().visibility();
        return visibility == Visibility.PUBLIC
                || visibility == Visibility.PACKAGE && LibraryKnowledge.of(field.home()).rule(Rule.OPEN_INSIDE);
    }

    static boolean isOpen(Field field) {
        boolean value = field.home().kind() == TypeKind.STRUCT || field.home().kind() == TypeKind.RECORD;
        return !value && !field.isStatic() && isSeen(field)
                && !field.modifiers().has(Mark.FINAL)
                && !(field.home().kind() == TypeKind.OBJECT && isSeenAsFixed(field))
                && !LibraryKnowledge.of(field.home()).closesNothing(field.home().language());
    }

    /** An object written in place is seen as what it is: that type closes the field. */
    private static boolean isSeenAsFixed(Field field) {
        return Hierarchy.above(field.home())
                .stream()
                .flatMap(above -> above.fields().stream())
                .anyMatch(promised -> promised.name().equals(field.name())
                        && promised.modifiers().has(Mark.FINAL));
    }
}
