package dev.huella.core.molde.clause;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Visibility;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;

/** How an operation hands the same call on to another object, always or on a condition. */
final class Passing {
    private Passing() {}

    /** Told of each call of the same operation on what a field holds. */
    @FunctionalInterface
    interface Calls {
        void passed(Operation operation, Deed.Calls calls, Field field);
    }

    /** The operations that a call of the same operation asks for, in the types above and in those that answer. */
    static List<Operation> meant(Operation operation, Deed.Calls calls) {
        Set<Operation> all = new LinkedHashSet<>(Deeds.targets(calls));
        all.addAll(operation.overridden());
        return List.copyOf(all);
    }

    static void each(Model model, Calls to) {
        model.derived(AllPassed.class, AllPassed::of).all
                .forEach(passed -> to.passed(passed.operation, passed.calls, passed.field));
    }

    private record Passed(Operation operation, Deed.Calls calls, Field field) {}

    private record AllPassed(List<Passed> all) {
        static AllPassed of(Model model) {
            List<Passed> all = new ArrayList<>();
            look(model, (operation, calls, field) -> all.add(new Passed(operation, calls, field)));
            return new AllPassed(all);
        }
    }

    private static void look(Model model, Calls to) {
        Deeds.operations(model, operation -> {
            if (operation.kind() == Kind.OPERATION && !operation.isStatic()) {
                for (Operation reached : operation.reached()) {
                    for (Deed deed : reached.deeds()) {
                        if (deed instanceof Deed.Calls calls && calls.name().equals(operation.name())) {
                            fields(calls).forEach(field -> to.passed(operation, calls, field));
                        }
                    }
                }
            }
        });
    }

    static Set<Field> fields(Deed.Calls calls) {
        Set<Field> fields = new LinkedHashSet<>();
        for (Origin origin : isFallback(calls.receiver()) ? List.<Origin>of() : Origins.of(calls.receiver())) {
            Field field = Origins.whole(origin);
            if (field != null && !field.isStatic()) {
                fields.add(field);
            }
        }
        return fields;
    }

    /** Something else is asked for first, and what is known stands in only where that gives nothing. */
    static boolean isFallback(Flow receiver) {
        List<Origin> origins = receiver.origins().stream().filter(origin -> !origin.equals(Origin.NOTHING)).toList();
        return origins.size() > 1 && origins.getFirst() instanceof Origin.Result(Operation asked, var _)
                && (asked == null || !asked.hasBody());
    }

    /** Fields that are given what an operation was handed. */
    static Map<Field, SourceSpan> given(Model model) {
        Map<Field, SourceSpan> given = new LinkedHashMap<>();
        Deeds.fields(model, field -> {
            if (field.kind() == FieldDeclared.Kind.COMPONENT) {
                given.put(field, field.place());
            }
        });
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            boolean hidden = operation.kind() == Kind.OPERATION
                    && operation.modifiers().visibility() == Visibility.PRIVATE; // its callers show what they give
            if (!hidden && Flows.fromInput(sets.value(), operation)) {
                given.putIfAbsent(sets.field(), sets.at());
            }
        });
        return given;
    }

    /** True when it is one call of the same operation with the same values, guards against absence aside; a lock adds something. */
    static boolean only(Operation operation) {
        return !operation.modifiers().has(Mark.SYNCHRONIZED) && only(operation, operation.name(), 0);
    }

    /** True when all that the call hands over is what the operation was handed. */
    static boolean asItIs(Deed.Calls calls, Operation operation) {
        return calls.arguments().stream().allMatch(argument -> isInput(argument, operation));
    }

    private static boolean only(Operation operation, String name, int depth) {
        int calls = 0;
        for (Deed deed : operation.deeds()) {
            switch (deed) {
                case Deed.Calls call -> {
                    boolean helper = depth < 2 && call.callee() != null && call.callee().hasBody()
                            && call.receiver().anyOf(Origin.Self.class) && only(call.callee(), name, depth + 1);
                    boolean same = (helper || call.name().equals(name) && !call.receiver().anyOf(Origin.Self.class))
                            && asItIs(call, operation);
                    boolean again = Setting.inside(call.within(), Setting.Kind.LOCK)
                            || Setting.inside(call.within(), Setting.Kind.WHILE)
                            || Setting.inside(call.within(), Setting.Kind.EACH); // more than once, or never
                    if (!same || again || ++calls > 1) {
                        return false;
                    }
                }
                case Deed.Returns returns -> {
                    boolean asIs = returns.value() == null || returns.value()
                            .origins()
                            .stream()
                            .allMatch(origin -> origin instanceof Origin.Result);
                    if (!asIs) {
                        return false;
                    }
                }
                case Deed.TestsAbsence _, Deed.Chooses _ -> {
                    // asks whether there is one to pass on to
                }
                default -> {
                    return false;
                }
            }
        }
        return calls == 1;
    }

    /** True when it hands the call on as it is and otherwise only writes down that it was made: counts, times, logs. */
    static boolean onlyNotes(Operation operation) {
        int passed = 0;
        boolean notes = false;
        for (Deed deed : operation.deeds()) {
            switch (deed) {
                case Deed.Calls call -> {
                    boolean onIt = call.name().equals(operation.name()) && !call.receiver().anyOf(Origin.Self.class)
                            && call.within() == null;
                    boolean outside = call.callee() == null || call.callee().home().external();
                    if (onIt) {
                        passed += call.arguments().stream().allMatch(one -> isInput(one, operation)) ? 1 : 2;
                    } else if (!outside) {
                        return false;
                    }
                    notes |= !onIt;
                }
                case Deed.Sets sets when sets.own() -> notes = true;
                case Deed.Stores stores when stores.container().any(origin -> Origins.field(origin) != null) ->
                    notes = true;
                case Deed.Returns returns -> {
                    boolean asIs = returns.value() == null || returns.value()
                            .origins()
                            .stream()
                            .allMatch(origin -> origin instanceof Origin.Result(Operation callee, Origin _)
                                    && callee != null && callee.name().equals(operation.name()));
                    if (!asIs) {
                        return false;
                    }
                }
                default -> {
                    return false;
                }
            }
        }
        return passed == 1 && notes;
    }

    private static boolean isInput(Flow argument, Operation operation) {
        return argument.origins().stream().allMatch(origin -> Origins.parameter(origin, operation) != null);
    }

    /** The field, or what the object in it told. */
    static boolean isAbout(Setting setting, Field field) {
        return setting.about()
                .stream()
                .flatMap(flow -> flow.origins().stream())
                .anyMatch(origin -> Origins.field(origin) == field
                        || origin instanceof Origin.Result(Operation _, Origin.OfField of) && of.field() == field);
    }

    /** True when a condition around asks about the field. */
    static boolean about(Setting within, Field field) {
        for (Setting at = within; at != null; at = at.outer()) {
            if (isAbout(at, field)) {
                return true;
            }
        }
        return false;
    }

    /** True when it returns early because the field holds something. */
    static boolean leavesWhenFilled(Operation operation, Field field) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Returns && about(deed.within(), field));
    }

    /** Types of what the function around a type was handed. */
    static Set<CodeType> takenBy(CodeType type) {
        Set<CodeType> taken = new LinkedHashSet<>();
        Operation around = type.within();
        for (Parameter parameter : around.parameters()) {
            if (parameter.type().erased() != null) {
                taken.add(parameter.type().erased());
            }
        }
        if (around.modifiers().has(Mark.EXTENSION) || !around.isStatic()) {
            taken.add(around.home());
        }
        return taken;
    }

    /** Told of each call of the same operation on what the function around was handed. */
    static void aroundFunctions(Model model, BiConsumer<Operation, Deed.Calls> to) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            Operation around = operation.home().within();
            if (around != null && calls.name().equals(operation.name())) {
                boolean given = calls.receiver()
                        .any(origin -> Origins.parameter(origin, around) != null
                                || (around.modifiers().has(Mark.EXTENSION) || !around.isStatic())
                                        && origin instanceof Origin.Self(CodeType of) && of == around.home());
                if (given) {
                    to.accept(operation, calls);
                }
            }
        });
    }
}
