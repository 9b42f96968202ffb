package dev.huella.core.molde.clause;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Where fields are used and changed, and how often objects are made, over a whole model. */
final class Reading {
    private Reading() {}

    /** Told of each use of a field's value. */
    @FunctionalInterface
    interface Uses {
        void use(Operation operation, Field field, SourceSpan at);
    }

    static void each(Model model, Uses to) {
        Deeds.all(model, (operation, deed) -> values(deed)
                .forEach(flow -> flow.origins().forEach(origin -> use(operation, origin, deed.at(), to))));
        Deeds.operations(model, operation -> operation.reads()
                .forEach(field -> to.use(operation, field, operation.place()))); // in the midst of a value
    }

    private static void use(Operation operation, Origin origin, SourceSpan at, Uses to) {
        switch (origin) {
            case Origin.OfField(Field field, boolean _) -> to.use(operation, field, at);
            case Origin.ElementOf(Origin inner) -> use(operation, inner, at, to);
            case Origin.CopyOf(Origin inner, boolean _) -> use(operation, inner, at, to);
            case Origin.Result(Operation _, Origin receiver) when receiver != null -> use(operation, receiver, at, to);
            default -> {
                // no field
            }
        }
    }

    /** All values that a deed works with. */
    static List<Flow> values(Deed deed) {
        return switch (deed) {
            case Deed.Calls calls -> with(calls.arguments(), calls.receiver());
            case Deed.Creates creates -> creates.arguments();
            case Deed.Sets sets -> List.of(sets.value());
            case Deed.Stores stores -> List.of(stores.container(), stores.value());
            case Deed.Returns returns -> returns.value() == null ? List.of() : List.of(returns.value());
            case Deed.Yields yields -> yields.value() == null ? List.of() : List.of(yields.value());
            case Deed.TestsAbsence tests -> List.of(tests.value());
            case Deed.AsksKind asks -> List.of(asks.value());
            case Deed.Chooses chooses -> chooses.on();
            case Deed.GoesThrough goes -> List.of(goes.over());
            case Deed.Throws _, Deed.Leaves _ -> List.of();
        };
    }

    private static List<Flow> with(List<Flow> flows, Flow more) {
        List<Flow> all = new ArrayList<>(flows);
        all.addFirst(more);
        return all;
    }

    /** Fields that change after their object is set up, with one place each. */
    static Map<Field, SourceSpan> changed(Model model) {
        return model.derived(Changed.class, Changed::of).fields;
    }

    private record Changed(Map<Field, SourceSpan> fields) {
        static Changed of(Model model) {
            return new Changed(Collections.unmodifiableMap(lookForChanges(model)));
        }
    }

    private static Map<Field, SourceSpan> lookForChanges(Model model) {
        Map<Field, SourceSpan> changed = new LinkedHashMap<>();
        Kept.changes(model, (operation, field, value, at, change) -> {
            if (operation.kind() == Kind.OPERATION) {
                changed.putIfAbsent(field, at);
            }
        });
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            boolean setUp = !sets.own() && sets.field().modifiers().has(Mark.FINAL); // in the place that makes it
            if ((operation.kind() == Kind.OPERATION || !sets.own()) && !setUp) {
                changed.putIfAbsent(sets.field(), sets.at());
            }
        });
        return changed;
    }

    /** How many places make an object of each type. */
    static Map<CodeType, Integer> creations(Model model) {
        return model.derived(Creations.class, Creations::of).counts;
    }

    private record Creations(Map<CodeType, Integer> counts) {
        static Creations of(Model model) {
            return new Creations(Collections.unmodifiableMap(count(model)));
        }
    }

    private static Map<CodeType, Integer> count(Model model) {
        Map<CodeType, Integer> counts = new HashMap<>();
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> counts.merge(creates.type(), 1, Integer::sum));
        return counts;
    }
}
