package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> names <type>} */
@AutoService(Clause.class)
public final class Names implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} names {type}";
    }

    @Override
    public String meaning() {
        return "The text of the first names the second, wherever; a type without a name speaks for the one around it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            for (Mention mention : type.mentions()) {
                Deeds.speaking(type)
                        .stream()
                        .filter(speaking -> !Deeds.isAddedTo(speaking, mention.at()))
                        .forEach(speaking -> into.add(mention.at(), speaking, mention.to()));
            }
        }
    }
}
