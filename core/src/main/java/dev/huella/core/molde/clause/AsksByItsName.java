package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;

/** {@code <operation> asks by its own name through <field>} */
@AutoService(Clause.class)
public final class AsksByItsName implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} asks by its own name through {field}";
    }

    @Override
    public String meaning() {
        return "It hands its own name as a text, and what it was given, to what the field holds, and uses the answer.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.operations(model, operation -> {
            if (operation.kind() == Kind.OPERATION && !operation.isStatic() && !operation.parameters().isEmpty()) {
                for (Deed deed : operation.deeds()) {
                    if (deed instanceof Deed.Calls calls && calls.used() && namesIt(calls, operation)
                            && handsInput(calls, operation)) {
                        asked(calls, operation).forEach(field -> into.add(calls.at(), operation, field));
                    }
                }
            }
        });
    }

    /** The fields whose objects are asked, by the call itself or by a helper of the same type. */
    private static Set<Field> asked(Deed.Calls calls, Operation operation) {
        Set<Field> fields = new LinkedHashSet<>(Passing.fields(calls));
        if (calls.callee() != null && calls.callee().home() == operation.home()
                && calls.receiver().anyOf(Origin.Self.class)) {
            for (Deed deed : calls.callee().deeds()) {
                if (deed instanceof Deed.Calls further) {
                    fields.addAll(Passing.fields(further));
                }
            }
        }
        return fields;
    }

    private static boolean namesIt(Deed.Calls calls, Operation operation) {
        String name = plain(operation.name());
        return calls.arguments()
                .stream()
                .flatMap(argument -> argument.origins().stream())
                .anyMatch(origin -> origin instanceof Origin.Constant(String text) && text != null
                        && plain(text.substring(text.lastIndexOf('.') + 1)).equals(name));
    }

    /** Letters and digits only: a wire may spell a name in another way. */
    private static String plain(String name) {
        return name.replaceAll("[^\\p{L}\\p{N}]", "").toLowerCase(Locale.ROOT);
    }

    /** Its input stands beside the name, as it is or in a list that is written there. */
    private static boolean handsInput(Deed.Calls calls, Operation operation) {
        return calls.arguments()
                .stream()
                .anyMatch(argument -> Flows.fromInput(argument, operation)
                        || argument.type().dimensions() > 0 && argument.anyOf(Origin.Unknown.class));
    }
}
