package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.resolve.Rule;
import java.util.regex.Pattern;

/** {@code <field> keeps a value} */
@AutoService(Clause.class)
public final class KeepsAValue implements Clause.Listed {
    private static final Pattern REFERS = Pattern.compile("[*&<]");

    @Override
    public String syntax() {
        return "{field} keeps a value";
    }

    @Override
    public String meaning() {
        return "Whoever is handed what it keeps gets a copy, because the language copies types of that sort.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.fields(model, field -> {
            CodeType kept = field.type().dimensions() > 0 ? null : field.type().type();
            if (kept != null && !kept.external() && isCopied(field, kept)) {
                into.add(field.place(), field);
            }
        });
    }

    private static boolean isCopied(Field field, CodeType kept) {
        LibraryKnowledge library = LibraryKnowledge.of(kept);
        return library.rule(Rule.STRUCTS_ARE_VALUES) && kept.kind() == TypeKind.STRUCT
                || library.rule(Rule.OBJECTS_IN_PLACE) && !REFERS.matcher(field.type().text()).find();
    }
}
