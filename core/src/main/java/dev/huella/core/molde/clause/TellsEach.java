package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.molde.Clause;
import java.util.List;
import java.util.Set;

/** {@code <operation> tells <operation> to each of <field>} */
@AutoService(Clause.class)
public final class TellsEach implements Clause.Listed {

    @Override
    public String syntax() {
        return "{operation} tells {operation} to each of {field}";
    }

    @Override
    public String meaning() {
        return "The second is called on the elements of the field, one after the other, and not only on those that were named by "
                + "the caller.";
    }

    @Override
    public void rows(Model model, Rows into) {
        Set<Field> joined = Joining.fields(model);
        Helped.calls(model, (operation, calls) -> {
            boolean again = Setting.inside(calls.within(), Setting.Kind.EACH)
                    || Setting.inside(calls.within(), Setting.Kind.WHILE)
                    || Setting.inside(calls.within(), Setting.Kind.FUNCTION);
            boolean event = calls.receiver()
                    .any(origin -> origin instanceof Origin.OfField(Field field, boolean _)
                            && (field.modifiers().has(Mark.EVENT) || joined.contains(field)));
            if (event) {
                calls.receiver()
                        .origins()
                        .stream()
                        .map(Origins::whole)
                        .filter(field -> field != null)
                        .forEach(field -> Deeds.targets(calls)
                                .forEach(target -> into.add(calls.at(), operation, target, field)));
                return;
            }
            if (LibraryKnowledge.of(operation.home()).tells(calls.name())) {
                byLibrary(operation, calls, into);
            }
            for (Origin origin : again ? Origins.of(calls.receiver()) : List.<Origin>of()) {
                Field field = Origins.isElement(origin) ? Origins.field(origin) : null;
                if (field != null && !isNamed(calls.within(), operation)) {
                    Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target, field));
                }
                for (Field entries : isNamed(calls.within(), operation)
                        ? List.<Field>of()
                        : Entries.from(origin, operation, calls.within())) {
                    Deeds.targets(calls).forEach(target -> into.add(calls.at(), operation, target, entries));
                }
            }
        });
    }

    /** In a loop over what was handed in: only those that are named there are looked up and called. */
    private static boolean isNamed(Setting within, Operation operation) {
        Setting loop = within;
        while (loop != null && loop.kind() != Setting.Kind.EACH) {
            loop = loop.outer();
        }
        return loop != null && loop.about()
                .stream()
                .anyMatch(over -> over.any(origin -> Origins.parameter(origin, operation) != null));
    }

    /** The library's container calls what its elements promise. */
    private static void byLibrary(Operation operation, Deed.Calls calls, Rows into) {
        for (Origin origin : Origins.of(calls.receiver())) {
            Field field = Origins.whole(origin);
            CodeType told = field == null ? null : field.held().type().erased();
            if (told != null && field.held().container() != null) {
                told.operations()
                        .stream()
                        .filter(Operation::isAbstract)
                        .forEach(update -> into.add(calls.at(), operation, update, field));
            }
        }
    }
}
