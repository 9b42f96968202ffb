package dev.huella.core.molde.clause;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Fields with one object that stands for many: what is handed in is joined with what was there, and the field gets the
 * two as one. {@code listener = Chain.add(listener, more)}
 */
final class Joining {
    private final List<Join> joins = new ArrayList<>();
    private final Set<Field> fields = new HashSet<>();

    private Joining() {}

    /** {@code leaves}: it is not joined, but taken out of the one. */
    record Join(Operation operation, Field field, Flow given, SourceSpan at, boolean leaves) {}

    private static Joining of(Model model) {
        return model.derived(Joining.class, Joining::look);
    }

    static List<Join> all(Model model) {
        return of(model).joins;
    }

    /** Those whose object stands for many. */
    static Set<Field> fields(Model model) {
        return of(model).fields;
    }

    private static Joining look(Model model) {
        var joining = new Joining();
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sets.own() && operation.kind() == Kind.OPERATION && isOneOfAKind(sets.field())) {
                for (Origin origin : sets.value().origins()) {
                    if (origin instanceof Origin.Result(Operation callee, Origin _)) {
                        joining.look(operation, sets, callee);
                    }
                }
            }
        });
        joining.joins.removeIf(join -> !joining.fields.contains(join.field)); // nothing ever joins
        return joining;
    }

    /** The field holds one of what has several forms. */
    private static boolean isOneOfAKind(Field field) {
        CodeType held = field.held().type().erased();
        return held != null && field.held().many() != Multiplicity.MANY && field.held().container() == null
                && (held.external() || held.kind().promises() || held.modifiers().has(Mark.ABSTRACT));
    }

    /** {@code by}: what gave the value; null when nothing is known of it. */
    private void look(Operation operation, Deed.Sets sets, Operation by) {
        var library = LibraryKnowledge.of(operation.home());
        boolean own = by != null && !by.home().external()
                && by.returns().erased() == sets.field().held().type().erased();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls && calls.callee() == by
                    && (is(calls.receiver(), sets.field()) && (own || library.lists("joins", calls.name()))
                            || isHandedOver(calls, sets.field()) && (own || library.lists("joinsTwo", calls.name())))) {
                boolean leaves = library.removes(calls.name());
                for (Flow given : calls.arguments()) {
                    if (given.any(
                            origin -> origin instanceof Origin.OfParameter(Operation of, int _) && of == operation)) {
                        joins.add(new Join(operation, sets.field(), given, sets.at(), leaves));
                        if (!leaves) {
                            fields.add(sets.field());
                        }
                    }
                }
            }
        }
    }

    private static boolean is(Flow value, Field field) {
        return Origins.whole(value.first()) == field;
    }

    private static boolean isHandedOver(Deed.Calls calls, Field field) {
        return calls.arguments().stream().anyMatch(argument -> is(argument, field));
    }
}
