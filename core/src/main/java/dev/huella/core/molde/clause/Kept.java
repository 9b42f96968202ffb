package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Model;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;

/** What fields are given, keep and lose. */
final class Kept {
    private Kept() {}

    /** What is done to a container in a field. */
    enum Change {
        ADD, REMOVE, DRAIN,
        /** All for which a test holds are taken out. */
        SIFT
    }

    /** Told of each change of a container that a field holds. {@code value} is what is put in or taken out. */
    @FunctionalInterface
    interface Changes {
        void change(Operation operation, Field field, Flow value, SourceSpan at, Change change);
    }

    /** One change of a container that a field holds. */
    private record ChangeSeen(Operation operation, Field field, Flow value, SourceSpan at, Change change) {}

    private record AllChanges(List<ChangeSeen> all) {
        static AllChanges of(Model model) {
            List<ChangeSeen> all = new ArrayList<>();
            Map<Field, Set<Field>> lent = lent(model);
            look(model, (operation, field, value, at, change) -> {
                all.add(new ChangeSeen(operation, field, value, at, change));
                lent.getOrDefault(field, Set.of())
                        .forEach(owner -> all.add(new ChangeSeen(operation, owner, value, at, change)));
            });
            return new AllChanges(all);
        }
    }

    /** Fields that hold the container of another object, by what their constructor is given, with those of its owner. */
    private static Map<Field, Set<Field>> lent(Model model) {
        Map<Field, Set<Field>> lent = new HashMap<>();
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> {
            if (creates.constructor() != null && !creates.type().external()
                    && creates.arguments().stream().anyMatch(one -> one.anyOf(Origin.OfField.class))) {
                lend(creates, lent);
            }
        });
        return lent;
    }

    private static void lend(Deed.Creates creates, Map<Field, Set<Field>> lent) {
        for (Deed deed : creates.constructor().deeds()) {
            if (deed instanceof Deed.Sets sets && sets.own() && sets.value().first() instanceof Origin.OfParameter from
                    && from.operation() == creates.constructor() && from.index() < creates.arguments().size()
                    && creates.arguments().get(from.index()).first() instanceof Origin.OfField(Field owner, boolean own)
                    && own && owner != sets.field()) {
                lent.computeIfAbsent(sets.field(), key -> new LinkedHashSet<>()).add(owner);
            }
        }
    }

    static void changes(Model model, Changes to) {
        model.derived(AllChanges.class, AllChanges::of).all
                .forEach(seen -> to.change(seen.operation, seen.field, seen.value, seen.at, seen.change));
    }

    private static void look(Model model, Changes to) {
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> {
            var library = LibraryKnowledge.of(operation.home());
            Change change = library.adds(calls.name())
                    ? Change.ADD
                    : library.removes(calls.name())
                            ? library.sifts(calls.name()) || calls.arguments()
                                    .stream()
                                    .anyMatch(one -> one.anyOf(Origin.OfFunction.class)) ? Change.SIFT : Change.REMOVE
                            : library.drains(calls.name()) ? Change.DRAIN : null;
            if (change != null && (calls.callee() == null || calls.callee().home().external()
                    || library.container(calls.receiver().type()) != null)) {
                Flow value = calls.arguments().isEmpty() ? Flow.UNKNOWN : calls.arguments().getLast();
                List<Flow> traded = library.lists("trades", calls.name()) ? calls.arguments() : List.of();
                traded.forEach(one -> containers(one)
                        .forEach(field -> to.change(operation, field, value, calls.at(), Change.DRAIN)));
                containers(calls.receiver()).forEach(field -> to.change(operation, field, value, calls.at(),
                        change == Change.ADD && sifted(operation, field, value)
                                || change == Change.REMOVE && isGone(calls.within(), field) ? Change.SIFT : change));
            }
        });
        Deeds.each(model, Deed.Stores.class, (operation, stores) -> filled(stores)
                .forEach(field -> to.change(operation, field, stores.value(), stores.at(),
                        stores.value().origins().equals(List.of(Origin.NOTHING)) || closesUp(operation, field, stores)
                                ? isGone(stores.within(), field) ? Change.SIFT : Change.REMOVE
                                : sifted(operation, field, stores.value()) ? Change.SIFT : Change.ADD)));
        Joining.all(model)
                .forEach(join -> to.change(join.operation(), join.field(), join.given(), join.at(),
                        join.leaves() ? Change.REMOVE : Change.ADD));
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            if (sifted(operation, sets.field(), sets.value())) {
                to.change(operation, sets.field(), sets.value(), sets.at(), Change.SIFT);
            }
        });
    }

    /** The fields whose containers get the value, or have a list behind a key that gets it as its last. */
    private static Set<Field> filled(Deed.Stores stores) {
        boolean last = stores.index() != null && stores.index().origins().equals(List.of(Origin.NOTHING));
        return last && stores.container().first() instanceof Origin.ElementOf(Origin whole)
                ? containers(Flow.of(whole, stores.container().type()))
                : containers(stores.container());
    }

    /** Another of the same array takes the place of one, and a count of them goes down. */
    private static boolean closesUp(Operation operation, Field field, Deed.Stores stores) {
        return stores.index() != null && stores.value().first() instanceof Origin.ElementOf other
                && Origins.field(other) == field && operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Stores count && count.index() == null
                                && count.container().first() instanceof Origin.OfField(Field counted, boolean own)
                                && own
                                && counted.held().many() != Multiplicity.MANY);
    }

    /** Where one of those that the field keeps turned out not to be there any more. */
    private static boolean isGone(Setting within, Field field) {
        for (Setting at = within; at != null; at = at.outer()) {
            if (at.kind() == Setting.Kind.ABSENCE && at.about()
                    .stream()
                    .anyMatch(flow -> flow.any(origin -> origin instanceof Origin.ElementOf(Origin many)
                            && Origins.whole(many) == field))) {
                return true;
            }
        }
        return false;
    }

    /** What the field kept comes back with some left out. */
    private static boolean sifted(Operation operation, Field field, Flow value) {
        return value.any(origin -> origin instanceof Origin.CopyOf && Origins.field(origin) == field)
                && operation.deeds()
                        .stream()
                        .anyMatch(deed -> deed instanceof Deed.Calls calls
                                && LibraryKnowledge.of(operation.home()).sifts(calls.name())
                                && (containers(calls.receiver()).contains(field)
                                        || calls.arguments()
                                                .stream()
                                                .anyMatch(one -> containers(one).contains(field))));
    }

    private static Set<Field> containers(Flow receiver) {
        Set<Field> fields = new LinkedHashSet<>();
        for (Origin origin : Origins.of(receiver)) {
            Field field = Origins.whole(origin);
            if (field != null) {
                fields.add(field);
            }
        }
        return fields;
    }

    /** What is put into each field by its own type, worked out when first asked for. */
    private record PutInto(Map<Field, Set<CodeType>> fields) {
        static PutInto of(Model model) {
            return new PutInto(new ConcurrentHashMap<>());
        }
    }

    private static Set<CodeType> known(Model model, Field field) {
        return model.derived(PutInto.class, PutInto::of).fields.computeIfAbsent(field, Kept::putInto);
    }

    /** The type of an object made, a function given, or one of those that a constant field starts with. */
    static CodeType made(Model model, Origin origin) {
        CodeType made = Origins.made(origin);
        if (made != null || !(origin instanceof Origin.OfField(Field field, boolean _)) || !field.isStatic()) {
            return made;
        }
        Set<CodeType> kept = known(model, field);
        return kept.size() == 1 ? kept.iterator().next() : null;
    }

    /** Objects and functions that the field's own type puts into it. */
    static Set<CodeType> putInto(Field field) {
        Set<CodeType> found = new LinkedHashSet<>();
        for (Operation operation : field.home().operations()) {
            for (Deed deed : operation.deeds()) {
                switch (deed) {
                    case Deed.Sets sets when sets.field() == field -> addMade(sets.value(), found);
                    case Deed.Calls calls when LibraryKnowledge.of(field.home()).adds(calls.name())
                            && containers(calls.receiver()).contains(field) ->
                        calls.arguments().forEach(argument -> addMade(argument, found));
                    case Deed.Stores stores when containers(stores.container()).contains(field) ->
                        addMade(stores.value(), found);
                    default -> {
                        // nothing is put into it here
                    }
                }
            }
        }
        return found;
    }

    /** The types themselves that the field starts with, to be made later. */
    static Map<CodeType, SourceSpan> typesPutInto(Field field) {
        Map<CodeType, SourceSpan> found = new LinkedHashMap<>();
        for (Operation operation : field.home().operations()) {
            for (Deed deed : operation.deeds()) {
                Flow value = deed instanceof Deed.Sets sets && sets.field() == field
                        ? sets.value()
                        : deed instanceof Deed.Stores stores && containers(stores.container()).contains(field)
                                ? stores.value()
                                : Flow.UNKNOWN;
                for (Origin origin : value.origins()) {
                    Origin put = origin instanceof Origin.CopyOf(Origin container, boolean _) ? container : origin;
                    if (put instanceof Origin.OfType(CodeType type)) {
                        found.putIfAbsent(type, deed.at());
                    }
                }
            }
        }
        return found;
    }

    private static void addMade(Flow flow, Set<CodeType> into) {
        flow.origins().stream().map(Origins::made).filter(type -> type != null).forEach(into::add);
    }

    /** Told of each object or function that reaches a field. */
    @FunctionalInterface
    interface Puts {
        void put(CodeType type, Field field, SourceSpan at);
    }

    /** Directly, or through a constructor or operation that sets the field from its parameter. */
    static void puts(Model model, Puts to) {
        puts(model, Kept::alone, to);
    }

    /** The same, and what an operation of the sources may have made for it. */
    static void mayPut(Model model, Puts to) {
        puts(model, Kept::reaching, to);
    }

    private static void puts(Model model, BiFunction<CodeType, Origin, Set<CodeType>> reaching, Puts to) {
        Map<Operation, Map<Integer, List<Field>>> setters = new HashMap<>();
        Deeds.each(model, Deed.Sets.class, (operation, sets) -> {
            for (Origin origin : sets.value().origins()) {
                if (origin instanceof Origin.ElementOf(Origin.OfField(Field table, boolean _)) && table.isStatic()) {
                    known(model, table).forEach(one -> to.put(one, sets.field(), sets.at())); // one of a table
                }
                Origin.OfParameter parameter = Origins.parameter(origin, operation);
                reaching.apply(Origins.made(origin), origin)
                        .forEach(made -> to.put(made, sets.field(), sets.at()));
                if (parameter != null) {
                    setters.computeIfAbsent(operation, key -> new HashMap<>())
                            .computeIfAbsent(parameter.index(), key -> new ArrayList<>())
                            .add(sets.field());
                }
            }
        });
        handers(model, setters);
        Deeds.each(model, Deed.Calls.class, (operation, calls) -> given(calls.callee(), calls.arguments(), calls.at(),
                setters, origin -> reaching.apply(made(model, origin), origin), to));
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> given(creates.constructor(), creates.arguments(),
                creates.at(), setters, origin -> reaching.apply(made(model, origin), origin), to));
    }

    private static Set<CodeType> alone(CodeType made, Origin origin) {
        return made == null ? Set.of() : Set.of(made);
    }

    /** What the value is: the object made for it, or those that an operation of the sources makes and hands out. */
    private static Set<CodeType> reaching(CodeType made, Origin origin) {
        if (made != null) {
            return Set.of(made);
        }
        return origin instanceof Origin.Result(Operation callee, Origin _) && callee != null
                && !callee.home().external()
                        ? Creation.fresh(callee).keySet()
                        : Set.of();
    }

    /** Adds the operations that hand a parameter on to a constructor which sets fields from it. */
    private static void handers(Model model, Map<Operation, Map<Integer, List<Field>>> setters) {
        Map<Operation, Map<Integer, List<Field>>> handing = new HashMap<>();
        handedOn(model, (operation, index, constructor, at) -> setters
                .getOrDefault(constructor, Map.of())
                .getOrDefault(at, List.of())
                .forEach(field -> handing.computeIfAbsent(operation, key -> new HashMap<>())
                        .computeIfAbsent(index, key -> new ArrayList<>())
                        .add(field)));
        handing.forEach((operation, fields) -> fields.forEach((index, all) -> setters
                .computeIfAbsent(operation, key -> new HashMap<>())
                .computeIfAbsent(index, key -> new ArrayList<>())
                .addAll(all)));
    }

    /** Told of each parameter that goes into a constructor as it is, and which argument it becomes there. */
    @FunctionalInterface
    interface HandedOn {
        void handed(Operation operation, int index, Operation constructor, int as);
    }

    static void handedOn(Model model, HandedOn to) {
        Deeds.each(model, Deed.Creates.class, (operation, creates) -> {
            for (int i = 0; creates.constructor() != null && i < creates.arguments().size(); i++) {
                Flow argument = creates.arguments().get(i);
                if (argument.origins().size() == 1
                        && argument.first() instanceof Origin.OfParameter(Operation of, int index) && of == operation) {
                    to.handed(operation, index, creates.constructor(), i);
                }
            }
        });
    }

    private static void given(Operation callee, List<Flow> arguments, SourceSpan at,
            Map<Operation, Map<Integer, List<Field>>> setters, Function<Origin, Set<CodeType>> madeBy, Puts to) {
        setters.getOrDefault(callee, Map.of()).forEach((index, fields) -> {
            for (Origin origin : index < arguments.size() ? arguments.get(index).origins() : List.<Origin>of()) {
                madeBy.apply(origin).forEach(made -> fields.forEach(field -> to.put(made, field, at)));
            }
        });
    }

    /** It starts with a value, or every constructor gives it one that is not null, itself or through another. */
    static boolean alwaysSet(Field field) {
        List<Operation> own = field.home().operations();
        boolean initial = own.stream()
                .filter(operation -> operation.kind() == Kind.INITIALISER)
                .anyMatch(operation -> sets(operation, field));
        List<Operation> constructors = own.stream().filter(Operation::isConstructor).toList();
        return initial || !constructors.isEmpty()
                && constructors.stream()
                        .allMatch(constructor -> sets(constructor, field)
                                || hasItSet(constructor, field) || handsOn(constructor)
                                || Bodies.onlyFails(constructor));
    }

    private static boolean sets(Operation operation, Field field) {
        return operation.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Sets sets && sets.field() == field
                        && !sets.value().origins().equals(List.of(Origin.NOTHING)));
    }

    /** By way of what sets it, for which the constructor is no exception. */
    private static boolean hasItSet(Operation constructor, Field field) {
        return constructor.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.within() == null && calls.callee() != null
                        && calls.callee() != constructor && calls.receiver().anyOf(Origin.Self.class)
                        && sets(calls.callee(), field));
    }

    private static boolean handsOn(Operation constructor) {
        return constructor.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Calls calls && calls.name().equals("this"));
    }

    /** True when the object that the field starts with is of such a type. */
    static boolean startsAs(Model model, Field field, Predicate<CodeType> kind) {
        return known(model, field).stream().anyMatch(kind);
    }
}
