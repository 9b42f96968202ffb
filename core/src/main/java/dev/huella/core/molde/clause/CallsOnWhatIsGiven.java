package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.molde.Clause;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** {@code <operation> calls <operation> on what another object gives from <field>} */
@AutoService(Clause.class)
public final class CallsOnWhatIsGiven implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} calls {operation} on what another object gives from {field}";
    }

    @Override
    public String meaning() {
        return "The receiver of the call is what an operation of another object gives: what its field holds, or one of the many it holds.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Map<Operation, Set<Field>> given = new HashMap<>();
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            for (Origin origin : calls.receiver().origins()) {
                if (origin instanceof Origin.Result(Operation asked, Origin of) && asked != null
                        && !asked.home().external() && !(of instanceof Origin.Self)) {
                    given.computeIfAbsent(asked, CallsOnWhatIsGiven::fields)
                            .forEach(field -> Deeds.targets(calls)
                                    .forEach(target -> into.add(calls.at(), operation, target, field)));
                }
            }
        });
    }

    /** The fields of its object that it gives something from, in any of its forms. */
    private static Set<Field> fields(Operation asked) {
        Set<Field> fields = new LinkedHashSet<>();
        Stream.concat(Stream.of(asked), asked.overriders().stream())
                .flatMap(form -> Origins.returned(form).stream())
                .flatMap(flow -> Origins.of(flow).stream())
                .map(Origins::field)
                .filter(field -> field != null)
                .forEach(fields::add);
        return fields;
    }
}
