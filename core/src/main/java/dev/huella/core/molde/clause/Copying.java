package dev.huella.core.molde.clause;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** How objects are copied, which fields reach the copy, and which are shared with it. */
final class Copying {
    private static final int DEEPEST = 4;
    /** How operations are named by which C++ makes another type of an object. */
    private static final String CONVERSION = "operator ";
    private final Map<Field, SourceSpan> changed;

    Copying(Model model) {
        changed = Reading.changed(model);
    }

    /**
     * An operation that returns a copy of its object.
     *
     * @param lost fields that do not reach the copy
     * @param shallow fields whose changing object both then hold
     */
    record Copy(CodeType type, SourceSpan at, Set<Field> lost, Set<Field> shallow) {}

    /** Told of each operation and each type that it copies. */
    static void each(Model model, BiConsumer<Operation, Copy> to) {
        model.derived(AllCopies.class, AllCopies::of).copies
                .forEach((operation, copies) -> copies.forEach(copy -> to.accept(operation, copy)));
    }

    /** By the operation that makes them, in the order of the sources. */
    private record AllCopies(Map<Operation, List<Copy>> copies) {
        static AllCopies of(Model model) {
            Map<Operation, List<Copy>> copies = new LinkedHashMap<>();
            look(model, (operation, copy) -> copies.computeIfAbsent(operation, key -> new ArrayList<>()).add(copy));
            return new AllCopies(copies);
        }
    }

    private static void look(Model model, BiConsumer<Operation, Copy> to) {
        var copying = new Copying(model);
        Set<Operation> askedByOthers = new HashSet<>();
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            if (calls.callee() != null && !Hierarchy.isA(operation.home(), calls.callee().home())) {
                askedByOthers.add(calls.callee());
            }
        });
        Deeds.operations(model, operation -> {
            if (operation.kind() == Kind.OPERATION && !operation.isStatic() && operation.hasBody()
                    && asksForACopy(operation, askedByOthers) && !operation.name().startsWith(CONVERSION)) {
                copying.copies(operation).forEach(copy -> to.accept(operation, copy));
            }
        });
        copying.finished(model, to);
    }

    /**
     * Also where what may be said of the copy besides can be left out, when somebody else asks for it: the language copies the
     * object, whatever is said. What only the object asks for makes it another one, step by step.
     */
    private static boolean asksForACopy(Operation operation, Set<Operation> askedByOthers) {
        return LanguageCopies.asksOnlyForACopy(operation)
                || operation.parameters().stream().allMatch(Operation.Parameter::optional)
                        && askedByOthers.contains(operation) && byLanguage(operation) != null;
    }

    /** What a type has done to each copy that the language makes of its objects, where somebody else asks for one. */
    private void finished(Model model, BiConsumer<Operation, Copy> to) {
        LanguageCopies.copied(model)
                .forEach(type -> type.operations()
                        .stream()
                        .filter(hook -> LibraryKnowledge.of(type).finishesCopies(hook.name())
                                && LanguageCopies.takesNothing(hook)
                                && hook.modifiers().visibility() != Visibility.PRIVATE
                                && hook.deeds().stream().anyMatch(Deed.Sets.class::isInstance))
                        .forEach(hook -> below(type, hook,
                                kind -> to.accept(hook, new Copy(kind, hook.place(), Set.of(), shared(hook, kind))),
                                0)));
    }

    private List<Copy> copies(Operation operation) {
        List<Copy> found = new ArrayList<>();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Creates creates && creates.type() == operation.home()
                    && !Creation.exchanges(creates)
                    && Creation.fresh(operation).containsKey(creates.type())) {
                Set<Field> reached = new LinkedHashSet<>();
                Set<Field> asIs = new LinkedHashSet<>();
                boolean all = afterwards(operation, reached, asIs);
                if (reached.isEmpty() && creates.arguments().stream().anyMatch(OtherOnes::isFixed)
                        || !isAskedFor(operation) && OtherOnes.isWorkedOut(operation, creates)
                        || OtherOnes.keepsItsMaker(creates) || OtherOnes.isKeptByItsMaker(operation, creates)) {
                    continue; // another one, unlike its object
                }
                all |= given(operation, creates, reached, asIs);
                if (OtherOnes.leavesTo(operation, reached)) {
                    continue; // what its object had is no longer there
                }
                List<Field> fields = fields(operation.home());
                if (fields.stream().anyMatch(field -> Loops.isCut(operation, field))) {
                    continue; // a part of what its object has
                }
                if (all || !reached.isEmpty() || fields.isEmpty()
                        && (creates.arguments().isEmpty() || creates.arguments().stream().anyMatch(Copying::isSelf))) {
                    Set<Field> lost = new LinkedHashSet<>(fields);
                    lost.removeAll(all ? fields : reached);
                    lost.removeIf(field -> !carriesState(field));
                    asIs.removeIf(field -> !changing(field));
                    found.add(new Copy(operation.home(), creates.at(), lost, asIs));
                }
                return found;
            }
        }
        SourceSpan at = byLanguage(operation);
        if (at != null) {
            below(operation.home(), operation, type -> found.add(new Copy(type, at, Set.of(), shared(operation, type))),
                    0);
        }
        return found;
    }

    /** The library's own way to ask for a copy: what comes of it is one, though a part may be worked out anew. */
    private static boolean isAskedFor(Operation operation) {
        return LibraryKnowledge.of(operation.home()).copies(operation.name())
                && Hierarchy.above(operation.home()).stream().anyMatch(CodeType::external);
    }

    private static void below(CodeType type, Operation by, Consumer<CodeType> to, int depth) {
        to.accept(type);
        if (depth < DEEPEST) {
            type.subtypes()
                    .stream()
                    .filter(sub -> by.overriders().stream().noneMatch(other -> other.home() == sub))
                    .forEach(sub -> below(sub, by, to, depth + 1));
        }
    }

    /** The library's function for copying is given something else than the object. */
    private static boolean copiesPart(Deed.Calls calls, LibraryKnowledge library) {
        return library.copiesDeep(calls.name()) && calls.callee() == null && calls.arguments().size() == 1
                && !isSelf(calls.arguments().getFirst());
    }

    /** Where the language itself copies the object that is returned; null when it does not. */
    private static SourceSpan byLanguage(Operation operation) {
        var library = LibraryKnowledge.of(operation.home());
        boolean value = ValueTypes.isValue(operation.home()) && !operation.overridden().isEmpty();
        for (Deed deed : operation.deeds()) {
            if (deed instanceof Deed.Calls calls && calls.used() && library.copies(calls.name())
                    && leavesItToTheLanguage(calls.callee(), operation) && !copiesPart(calls, library)
                    && !LanguageCopies.goesIntoItsObject(calls, library)
                    && (isSelf(calls.receiver()) && calls.arguments().stream().allMatch(Copying::isOwn)
                            || calls.arguments().stream().anyMatch(Copying::isSelf))) {
                return calls.at();
            }
            if (deed instanceof Deed.Calls calls && library.copies(calls.name()) && calls.callee() == null
                    && calls.arguments().size() > 1 && !isSelf(calls.arguments().getFirst())
                    && isSelf(calls.arguments().getLast()) && returns(operation, calls.arguments().getFirst())) {
                return calls.at(); // all there is, put into what is handed out
            }
            if (deed instanceof Deed.Calls calls && calls.used() && LanguageCopies.byHelper(calls)) {
                return calls.at();
            }
            if (value && deed instanceof Deed.Returns returns && returns.value() != null && isSelf(returns.value())
                    && Origins.returned(operation).stream().allMatch(Copying::isSelf) && !changesToFixed(operation)) {
                return returns.at();
            }
        }
        return null;
    }

    /** A copy that is given a value of its own is another one, made from its object. */
    private static boolean changesToFixed(Operation operation) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Sets sets
                        && (OtherOnes.isFixed(sets.value()) || Origins.isWorkedOut(sets.value())
                                || sets.value().origins().equals(List.of(Origin.NOTHING))));
    }

    /** Also by way of a base that does. */
    private static boolean leavesItToTheLanguage(Operation callee, Operation caller) {
        return callee == null || callee.home().external() || callee != caller && caller.overridden().contains(callee)
                && (!callee.hasBody() || byLanguage(callee) != null);
    }

    private static boolean returns(Operation operation, Flow value) {
        return Origins.returned(operation)
                .stream()
                .anyMatch(flow -> flow.type().dimensions() == 0 && flow.origins().equals(value.origins()));
    }

    static boolean isSelf(Flow flow) {
        return flow.anyOf(Origin.Self.class);
    }

    private static boolean isCopyOfSelf(Flow flow) {
        return flow.any(origin -> origin instanceof Origin.CopyOf(Origin.Self _, boolean _));
    }

    /** What the copy is told besides is the object's own, perhaps copied; with other values it is another one. */
    private static boolean isOwn(Flow flow) {
        return flow.any(origin -> Origins.field(origin) != null);
    }

    private Set<Field> shared(Operation operation, CodeType type) {
        boolean deep = operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls
                        && LibraryKnowledge.of(type).copiesDeep(calls.name()));
        Set<Field> shared = new LinkedHashSet<>(deep ? List.of() : fields(type));
        shared.removeIf(field -> !changing(field));
        operation.deeds().forEach(deed -> replaced(deed, shared));
        // what the language asks a copy to do before it hands it out
        Stream.concat(Stream.of(type), Hierarchy.above(type).stream())
                .flatMap(one -> one.operations().stream())
                .filter(own -> LibraryKnowledge.of(type).finishesCopies(own.name()))
                .flatMap(own -> own.reached().stream())
                .forEach(own -> own.deeds().forEach(deed -> replaced(deed, shared)));
        return shared;
    }

    /** A field that is given something else on the copy is not shared. */
    private static void replaced(Deed deed, Set<Field> shared) {
        if (deed instanceof Deed.Sets sets) {
            shared.remove(sets.field());
        }
        if (deed instanceof Deed.Calls calls && calls.callee() == null && isSelf(calls.receiver())) {
            calls.arguments() // handed to the language's copy in place of what the field holds
                    .stream()
                    .flatMap(flow -> flow.origins().stream())
                    .filter(origin -> origin instanceof Origin.CopyOf && Origins.detached(origin))
                    .forEach(origin -> shared.remove(Origins.field(origin)));
        }
    }

    /** True when all there is reaches the copy. */
    private static boolean given(Operation operation, Deed.Creates creates, Set<Field> reached, Set<Field> asIs) {
        for (int i = 0; i < creates.arguments().size(); i++) {
            Flow argument = creates.arguments().get(i);
            if (isSelf(argument)) {
                return LanguageCopies.makes(creates) || fromAnother(creates.constructor(), reached, asIs, 0);
            }
            own(argument, reached, TakenApart.of(creates.constructor(), i) ? new LinkedHashSet<>() : asIs);
        }
        if (creates.constructor() != null) {
            throughConstructor(creates.constructor(), creates.arguments(), reached);
        }
        return false;
    }

    /** A constructor, or an operation of the new object, that is given an object of its own type. */
    private static boolean fromAnother(Operation constructor, Set<Field> reached, Set<Field> asIs, int depth) {
        for (Deed deed : constructor.deeds()) {
            if (deed instanceof Deed.Sets sets && sets.own()) {
                boolean constant = sets.value().origins().stream().allMatch(Origin.Constant.class::isInstance);
                if (!constant) {
                    reached.add(sets.field());
                    sets.value()
                            .origins()
                            .stream()
                            .filter(origin -> origin instanceof Origin.OfField(Field from, boolean own) && !own
                                    && from == sets.field())
                            .forEach(origin -> asIs.add(sets.field()));
                }
            } else if (deed instanceof Deed.Calls calls && calls.callee() != null && depth < DEEPEST
                    && (calls.callee().isConstructor() || isSelf(calls.receiver()) && calls.callee() != constructor)) {
                fromAnother(calls.callee(), reached, asIs, depth + 1);
            } else if (deed instanceof Deed.Calls calls
                    && calls.receiver().first() instanceof Origin.OfField(Field into, boolean own)
                    && own && LibraryKnowledge.of(constructor.home()).adds(calls.name())) {
                reached.add(into); // one by one
            } else if (deed instanceof Deed.Calls calls && calls.callee() == null
                    && calls.arguments().stream().anyMatch(flow -> flow.anyOf(Origin.OfParameter.class))
                    && isSelf(calls.receiver()) && calls.name().equals("assign")) {
                return true;
            }
        }
        return false;
    }

    private static void throughConstructor(Operation constructor, List<Flow> arguments, Set<Field> reached) {
        for (Deed deed : constructor.deeds()) {
            if (deed instanceof Deed.Sets sets && sets.own()) {
                for (Origin origin : sets.value().origins()) {
                    Origin.OfParameter parameter = Origins.parameter(origin, constructor);
                    if (parameter != null && parameter.index() < arguments.size()
                            && Assembly.fromOwn(arguments.get(parameter.index()))) {
                        reached.add(sets.field());
                    }
                }
            }
        }
    }

    private static void own(Flow argument, Set<Field> reached, Set<Field> asIs) {
        for (Origin origin : argument.origins()) {
            Field field = Origins.field(origin);
            if (field == null && origin instanceof Origin.Result(Operation _, Origin receiver) && receiver != null) {
                field = Origins.field(receiver);
            } else if (field != null && origin instanceof Origin.OfField) {
                asIs.add(field);
            }
            if (field != null && !field.isStatic()) {
                reached.add(field);
            }
        }
    }

    /** What is set on the copy once it is made. True when all there is reaches it. */
    private static boolean afterwards(Operation operation, Set<Field> reached, Set<Field> asIs) {
        boolean all = false;
        for (Deed deed : operation.deeds()) {
            switch (deed) {
                case Deed.Sets sets when !sets.own() && sets.field().home() != null -> {
                    Set<Field> read = new LinkedHashSet<>();
                    own(sets.value(), read, asIs);
                    if (!sets.value().origins().stream().allMatch(Origin.Constant.class::isInstance)
                            && !Origins.isWorkedOut(sets.value())) {
                        reached.add(sets.field());
                    }
                }
                case Deed.Calls calls -> {
                    if (!calls.used() || calls.callee() != null
                            || LibraryKnowledge.of(operation.home()).copies(calls.name())) {
                        boolean deep = LibraryKnowledge.of(operation.home()).copiesDeep(calls.name());
                        Set<Field> shared = deep ? new LinkedHashSet<>() : asIs;
                        Set<Field> told = new LinkedHashSet<>();
                        calls.arguments().forEach(argument -> own(argument, told, shared));
                        told.removeIf(field -> OtherOnes.isReckonedWith(calls, field));
                        reached.addAll(told);
                    }
                    if (calls.receiver().anyOf(Origin.Fresh.class) && calls.callee() != null && calls.callee().hasBody()
                            && calls.arguments().stream().anyMatch(Copying::isSelf)) {
                        all |= fromAnother(calls.callee(), reached, asIs, 0);
                    }
                    all |= calls.arguments().stream().anyMatch(flow -> isSelf(flow) || isCopyOfSelf(flow))
                            && LibraryKnowledge.of(operation.home()).copies(calls.name());
                }
                default -> {
                    // nothing else carries state over
                }
            }
        }
        return all;
    }

    /** Instance fields of the type and the types of the sources above it. */
    static List<Field> fields(CodeType type) {
        List<Field> all = new ArrayList<>(type.fields());
        Hierarchy.above(type).stream().filter(above -> !above.external()).forEach(above -> all.addAll(above.fields()));
        all.removeIf(Field::isStatic);
        return all;
    }

    /** A field that differs from object to object. */
    boolean carriesState(Field field) {
        boolean open = changing(field) && field.modifiers().visibility() == Visibility.PUBLIC
                || IsOpenToChange.isOpen(field);
        return open || changed.containsKey(field) || field.home()
                .operations()
                .stream()
                .filter(Operation::isConstructor)
                .flatMap(constructor -> constructor.deeds().stream())
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.field() == field
                        && sets.value().anyOf(Origin.OfParameter.class));
    }

    /** A field that holds something which can change: a container, or an object with fields that do. */
    private boolean changing(Field field) {
        CodeType held = field.held().type().erased();
        boolean container = (field.held().container() != null || field.type().dimensions() > 0)
                && !ValueTypes.copiesAlong(field);
        boolean own = field.modifiers().has(Mark.OWNED) || held != null && ValueTypes.isValue(held);
        return container || held != null && !own && !held.external() && held.kind() != TypeKind.ENUM
                && held.fields().stream().anyMatch(changed::containsKey);
    }
}
