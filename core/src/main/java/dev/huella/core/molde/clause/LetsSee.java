package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;

/** {@code <operation> lets <type> see its object} */
@AutoService(Clause.class)
public final class LetsSee implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} lets {type} see its object";
    }

    @Override
    public String meaning() {
        return "The object it makes of that type is handed its own object or what that keeps, or stands inside its type.";
    }

    @Override
    public boolean telling() {
        return false;
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> {
            boolean given = creates.arguments()
                    .stream()
                    .anyMatch(argument -> Assembly.fromOwn(argument) || argument.anyOf(Origin.Self.class));
            CodeType outer = creates.type().outer();
            boolean inside = outer != null && (outer == operation.home()
                    || !creates.type().modifiers().has(Mark.STATIC) && surrounds(outer, operation.home()));
            if (given || inside) {
                operation.home().operations().forEach(caller -> {
                    if (caller == operation || caller.reached().contains(operation)) {
                        into.add(creates.at(), caller, creates.type());
                    }
                });
            }
        });
    }

    private static boolean surrounds(CodeType outer, CodeType home) {
        CodeType at = home.outer();
        while (at != null && at != outer) {
            at = at.outer();
        }
        return at != null;
    }
}
