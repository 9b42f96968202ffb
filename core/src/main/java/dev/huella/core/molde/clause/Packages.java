package dev.huella.core.molde.clause;

import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.source.SourceSpan;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** State that is put into another object and taken out again. */
final class Packages {
    private Packages() {}

    /** Where a field of the object gets something that lies in a parameter; null when none does. */
    static SourceSpan unpacks(Operation operation) {
        for (Operation reached : operation.reached()) {
            for (Deed deed : reached.deeds()) {
                boolean takes = switch (deed) {
                    case Deed.Sets sets ->
                        sets.own() && !sets.field().isStatic() && fromInside(sets.value(), operation);
                    case Deed.Calls calls -> Assembly.fromOwn(calls.receiver())
                            && calls.arguments().stream().anyMatch(argument -> fromInside(argument, operation));
                    default -> false;
                };
                if (takes) {
                    return deed.at();
                }
            }
        }
        return null;
    }

    private static boolean fromInside(Flow value, Operation operation) {
        return value.any(origin -> inside(origin, operation));
    }

    private static boolean inside(Origin origin, Operation operation) {
        return switch (origin) {
            case Origin.OfField(Field _, boolean own) -> !own;
            case Origin.Result(Operation _, Origin receiver) -> receiver != null
                    && (Origins.parameter(receiver, operation) != null || inside(receiver, operation));
            case Origin.ElementOf(Origin container) -> inside(container, operation)
                    || Origins.parameter(container, operation) != null;
            case Origin.CopyOf(Origin container, boolean _) -> inside(container, operation);
            default -> false;
        };
    }

    /** Told of a type that reads or calls something of another. */
    @FunctionalInterface
    interface Looks {
        void looks(CodeType type, CodeType into, SourceSpan at);
    }

    static void looks(Model model, Looks to) {
        Deeds.all(model, (operation, deed) -> {
            if (deed instanceof Deed.Calls calls && calls.callee() != null && calls.callee().kind() == Kind.OPERATION
                    && !calls.callee().home().external() && calls.callee().home() != operation.home()) {
                to.looks(operation.home(), calls.callee().home(), calls.at());
            } else if (deed instanceof Deed.Sets sets && !sets.own() && !sets.field().home().external()
                    && sets.field().home() != operation.home()) {
                to.looks(operation.home(), sets.field().home(), sets.at());
            }
        });
        Deeds.operations(model, operation -> {
            for (Field field : operation.reads()) {
                if (field.home() != operation.home() && !field.home().external()) {
                    to.looks(operation.home(), field.home(), operation.place());
                }
            }
        });
    }

    /** Told of fields that are left out when state is packed, and of packed ones that are not taken back. */
    @FunctionalInterface
    interface Forgets {
        void forgets(Operation operation, Field field, SourceSpan at);
    }

    static void forgotten(Model model, Forgets to) {
        Map<Field, SourceSpan> changed = Reading.changed(model);
        Assembly.products(model)
                .keySet()
                .forEach(operation -> leftOut(operation, changed)
                        .forEach(field -> to.forgets(operation, field, operation.place())));
        Deeds.operations(model, operation -> {
            if (operation.kind() == Kind.OPERATION && unpacks(operation) != null) {
                notTaken(operation).forEach(field -> to.forgets(operation, field, operation.place()));
            }
        });
    }

    /** Told of each field that goes into what an operation puts together. */
    static void packed(Model model, Forgets to) {
        Assembly.products(model).keySet().forEach(operation -> {
            Set<Field> all = new LinkedHashSet<>(Copying.fields(operation.home()));
            all.removeAll(leftOut(operation, all));
            all.forEach(field -> to.forgets(operation, field, operation.place()));
        });
    }

    private static Set<Field> leftOut(Operation save, Map<Field, SourceSpan> changed) {
        Set<Field> left = new LinkedHashSet<>(Copying.fields(save.home()));
        left.removeIf(field -> !changed.containsKey(field));
        return leftOut(save, left);
    }

    /** Those of the fields that the body does not use. */
    private static Set<Field> leftOut(Operation save, Set<Field> fields) {
        Set<Field> left = new LinkedHashSet<>(fields);
        for (Operation reached : save.reached()) {
            for (Deed deed : reached.deeds()) {
                for (Flow flow : Reading.values(deed)) {
                    if (flow.anyOf(Origin.Self.class) && deed instanceof Deed.Creates made) {
                        left.removeAll(taken(made.type()));
                    }
                    flow.origins().forEach(origin -> used(origin, left));
                }
            }
        }
        return left;
    }

    /** What an object reads of the one it is given while it is made. */
    private static Set<Field> taken(CodeType made) {
        Set<Field> taken = new LinkedHashSet<>();
        for (Operation setting : made.operations()) {
            for (Operation reached : setting.kind() == Kind.OPERATION ? Set.<Operation>of() : setting.reached()) {
                taken.addAll(reached.reads());
                for (Deed deed : reached.deeds()) {
                    if (deed instanceof Deed.Calls calls && calls.callee() != null) {
                        taken.addAll(calls.callee().reads());
                    }
                }
            }
        }
        return taken;
    }

    private static void used(Origin origin, Set<Field> left) {
        switch (origin) {
            case Origin.OfField(Field field, boolean _) -> left.remove(field);
            case Origin.ElementOf(Origin inner) -> used(inner, left);
            case Origin.CopyOf(Origin inner, boolean _) -> used(inner, left);
            case Origin.Result(Operation _, Origin receiver) when receiver != null -> used(receiver, left);
            default -> {
                // no field
            }
        }
    }

    /** Fields of a parameter's type that the operation does not read, itself or by what reports them. */
    private static Set<Field> notTaken(Operation restore) {
        Set<Field> left = new LinkedHashSet<>();
        for (Operation.Parameter parameter : restore.parameters()) {
            CodeType packed = parameter.type().erased();
            if (packed != null && !packed.external() && packed != restore.home()) {
                packed.fields().stream().filter(field -> !field.isStatic()).forEach(left::add);
            }
        }
        for (Operation reached : restore.reached()) {
            for (Deed deed : reached.deeds()) {
                for (Flow flow : Reading.values(deed)) {
                    flow.origins().forEach(origin -> used(origin, left));
                }
                if (deed instanceof Deed.Calls calls && calls.callee() != null) {
                    for (Flow flow : Origins.returned(calls.callee())) {
                        flow.origins().forEach(origin -> used(origin, left));
                    }
                }
            }
        }
        return left;
    }

    /** Fields whose value itself is compared in a choice. */
    static Set<Field> compared(Deed.Chooses chooses) {
        Set<Field> fields = new LinkedHashSet<>();
        List<Origin> all = chooses.on().stream().flatMap(flow -> flow.origins().stream()).toList();
        boolean asked = all.stream().anyMatch(Origin.Result.class::isInstance);
        boolean compares = all.stream()
                .anyMatch(origin -> origin instanceof Origin.Constant
                        || origin instanceof Origin.OfField(Field field, boolean _)
                                && field.isStatic());
        for (Origin origin : all) {
            Field field = Origins.whole(origin);
            if (field != null && !field.isStatic() && !asked && compares) {
                fields.add(field);
            }
        }
        return fields;
    }
}
