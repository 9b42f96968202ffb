package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.molde.Clause;
import dev.huella.core.resolve.LibraryKnowledge;
import java.util.List;

/** {@code <operation> asks one of <field> that it finds by its input} */
@AutoService(Clause.class)
public final class FindsOneByInput implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} asks one of {field} that it finds by its input";
    }

    @Override
    public String meaning() {
        return "One part of what it is handed says which of those that the field keeps is called, and is not handed on to it.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            for (Origin origin : calls.receiver().origins()) {
                Field field = origin instanceof Origin.ElementOf ? Origins.field(origin) : null;
                if (field != null && !Setting.inside(calls.within(), Setting.Kind.EACH)
                        && isFound(operation, calls, field)) {
                    into.add(calls.at(), operation, field);
                }
            }
        });
    }

    private static boolean isFound(Operation operation, Deed.Calls asked, Field field) {
        List<Deed.Calls> lookups = operation.deeds()
                .stream()
                .filter(deed -> deed instanceof Deed.Calls calls
                        && calls.receiver().any(one -> Origins.whole(one) == field))
                .map(Deed.Calls.class::cast)
                .toList();
        LibraryKnowledge library = LibraryKnowledge.of(operation.home());
        return lookups.isEmpty()
                ? given(operation, asked.arguments()) < operation.parameters().size()
                : lookups.stream()
                        .anyMatch(lookup -> given(operation, lookup.arguments()) > 0
                                && !library.adds(lookup.name()));
    }

    /** How many of the arguments are what the operation was given. */
    private static long given(Operation operation, List<Flow> arguments) {
        return arguments.stream().filter(flow -> flow.any(one -> Origins.parameter(one, operation) != null)).count();
    }
}
