package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> takes on <type> from outside} */
@AutoService(Clause.class)
public final class TakesOnFromOutside implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} takes on {type} from outside";
    }

    @Override
    public String meaning() {
        return "The second is made its supertype outside the text of the first, which others can see.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            if (type.modifiers().visibility() == Visibility.PRIVATE) {
                continue; // what only its file sees is written there in parts
            }
            for (Mention mention : type.mentions()) {
                if (mention.kind() == Mention.Kind.SUPERTYPE && type.place() != null && mention.at() != null
                        && !type.place().contains(mention.at())) {
                    into.add(mention.at(), type, mention.to());
                }
            }
        }
    }
}
