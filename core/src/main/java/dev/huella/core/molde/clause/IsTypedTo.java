package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Mention;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.HashSet;
import java.util.Set;

/** {@code <type> has values typed to <type>} */
@AutoService(Clause.class)
public final class IsTypedTo implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} has values typed to {type}";
    }

    @Override
    public String meaning() {
        return "A field, parameter or local variable of the first is declared with the second, or a field is by what it starts with.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            for (Mention mention : type.mentions()) {
                boolean typed = switch (mention.kind()) {
                    case FIELD, PARAMETER, LOCAL -> true;
                    case SUPERTYPE, RESULT, CREATED, STATIC, CAST, KIND_TEST, OTHER -> false;
                };
                if (typed) {
                    Deeds.speaking(type).forEach(speaking -> into.add(mention.at(), speaking, mention.to()));
                }
            }
            boolean tells = type.kind() != TypeKind.MODULE // whose variables are as good as local
                    && type.fields().stream().anyMatch(Field::isInferred);
            Set<CodeType> made = tells ? made(type) : Set.of();
            for (Field field : type.fields()) {
                CodeType held = field.isInferred() ? field.type().type() : null;
                if (held != null && !held.external() && !held.shape() && made.contains(held)) {
                    into.add(field.place(), type, held);
                }
            }
        }
    }

    private static Set<CodeType> made(CodeType type) {
        Set<CodeType> made = new HashSet<>();
        for (Operation operation : type.operations()) {
            for (Deed deed : operation.deeds()) {
                if (deed instanceof Deed.Creates creates) {
                    made.add(creates.type());
                }
            }
        }
        return made;
    }
}
