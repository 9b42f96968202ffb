package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.SourceSpan;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/**
 * All places that hold values: fields, parameters, results, and the elements of what these hold. For each it gathers
 * which types of values are put there, from which other places values come, and which operations are called on them.
 */
final class Slots {
    private static final int MOST_ROUNDS = 12;
    /** A place for more than so many is one for anything. */
    private static final int MOST_COMING = 120;
    private final LibraryKnowledge library;
    private final Containers containers;
    private final Set<String> own;
    private final Map<Key, Slot> slots = new LinkedHashMap<>();

    /** {@code own}: names of operations that types of the code base have. */
    Slots(LibraryKnowledge library, Set<String> own) {
        this.library = library;
        this.own = own;
        this.containers = new Containers(library, null);
    }

    /** One place. {@code owner} is a field or operation; {@code index} counts parameters, -1 is the result. */
    record Key(Object owner, int index, boolean element) {
        static Key of(Field field) {
            return new Key(field, 0, false);
        }

        static Key parameter(Operation operation, int index) {
            return new Key(operation, index, false);
        }

        static Key result(Operation operation) {
            return new Key(operation, -1, false);
        }

        Key elements() {
            return new Key(owner, index, true);
        }

        String name() {
            return switch (owner) {
                case Field field -> field.name();
                case Operation operation when index < 0 -> operation.name();
                case Operation operation -> operation.parameters().get(index).name();
                default -> "";
            };
        }

        CodeType home() {
            return owner instanceof Field field ? field.home() : ((Operation) owner).home();
        }

        SourceSpan place() {
            SourceSpan at = owner instanceof Field field ? field.place() : ((Operation) owner).place();
            return at == null ? home().place() : at;
        }

        /** Values that nothing of the code base can be. */
        static final Set<String> PLAIN = Set.of("str", "int", "float", "bool", "bytes", "string", "number",
                "boolean", "String", "Integer");

        /** True for a parameter whose type, plain or of the code base, is written: what is handed there is that to all behind it. */
        boolean isWritten() {
            return owner instanceof Operation operation && index >= 0 && index < operation.parameters().size()
                    && !element && isWritten(operation.parameters().get(index));
        }

        private static boolean isWritten(Operation.Parameter parameter) {
            TypeUse use = parameter.type();
            return !parameter.inferred() && use.dimensions() == 0 && (use.type() == null
                    ? PLAIN.contains(use.text())
                    : !use.type().external() && !use.type().shape());
        }

        /** True where the type was found by an earlier reading of the bodies, which may have seen too little. */
        boolean isWorkedOut() {
            return switch (owner) {
                case Field field -> field.isInferred();
                case Operation operation when index >= 0 && index < operation.parameters().size() ->
                    operation.parameters().get(index).inferred();
                default -> false;
            };
        }

        /** The type it has now; null for places outside the sources. */
        TypeUse type() {
            return switch (owner) {
                case Field field -> field.place() == null ? null : field.type();
                case Operation operation when operation.home().shape() && operation.home().place() == null -> null;
                case Operation operation when index < 0 -> operation.returns();
                case Operation operation -> index < operation.parameters().size()
                        ? operation.parameters().get(index).type()
                        : null;
                default -> null;
            };
        }
    }

    /** An operation asked of a value, with the number of arguments. */
    record Use(String name, int arguments) {}

    /** What was gathered for one place. */
    static final class Slot {
        final Key key;
        final Set<TypeUse> types = new LinkedHashSet<>();
        final Set<Slot> from = new LinkedHashSet<>();
        final Set<Use> uses = new LinkedHashSet<>();
        final Set<Origin.OfFunction> functions = new LinkedHashSet<>();
        /** Types that are put there themselves, rather than objects of them. */
        final Set<CodeType> kinds = new LinkedHashSet<>();
        /** The type of a parameter that is handed on here as it is, where one is written. */
        CodeType written;
        /** Of several things that are put here together: what each was given as. */
        List<Origin.OfParameter> together = List.of();

        /** While spreading: the last visit, and those in which there came to be more of what it has and of what is asked of it. */
        private int visited;
        private int grown;
        private int asked;

        Slot(Key key) {
            this.key = key;
        }

        /** True for a place to which too much comes for it to tell anything. */
        boolean takesAnything() {
            return types.size() > MOST_COMING;
        }

        /** True when that adds something. */
        private boolean takes(Slot from) {
            boolean more = !from.key.isWritten() && types.size() <= MOST_COMING && types.addAll(from.types);
            more |= kinds.addAll(from.kinds);
            return functions.size() <= MOST_COMING && functions.addAll(from.functions) || more;
        }

        /** True when more is asked of it than before. */
        private boolean isAsked(Set<Use> more) {
            return uses.size() <= MOST_COMING && uses.addAll(more);
        }
    }

    Map<Key, Slot> all() {
        return slots;
    }

    Slot slot(Key key) {
        return slots.computeIfAbsent(key, Slot::new);
    }

    /**
     * Reads what one operation does.
     *
     * @param read tells whether something is read from what a place holds
     */
    void collect(Operation operation, Predicate<Key> read) {
        for (int i = 0; i < operation.parameters().size(); i++) {
            Key parameter = Key.parameter(operation, i);
            if (read.test(parameter)) {
                slot(parameter);
            }
        }
        collect(operation, operation.written());
        if (operation.deeds() != operation.written()) {
            collect(operation, operation.deeds()); // the helpers learn what they are handed, and who asks them what they do
        }
        for (Operation above : operation.overridden()) {
            for (int i = 0; i < Math.min(operation.parameters().size(), above.parameters().size()); i++) {
                if (!above.home().external()) {
                    asAbove(slot(Key.parameter(operation, i)), slot(Key.parameter(above, i)));
                }
            }
            if (above.home().shape()) {
                slot(Key.result(above)).from.add(slot(Key.result(operation)));
            }
        }
    }

    /** What stands in place of another operation is handed what is handed to that, and what is written there. */
    private static void asAbove(Slot own, Slot above) {
        own.from.add(above);
        TypeUse written = above.key.type();
        if (written != null && written.type() != null && !above.key.isWorkedOut() && !above.key.home().shape()) {
            own.types.add(written);
        }
    }

    private void collect(Operation operation, List<Deed> deeds) {
        for (Deed deed : deeds) {
            switch (deed) {
                case Deed.Sets sets -> put(slot(Key.of(sets.field())), sets.value());
                case Deed.Returns returns when returns.value() != null && isOwn(returns.within(), operation) ->
                    put(slot(Key.result(operation)), returns.value());
                case Deed.Yields yields when yields.value() != null && isOwn(yields.within(), operation)
                        && library.asksForSteps(operation.name()) && !holdsMany(yields.value().type()) ->
                    put(slot(slot(Key.result(operation)).key.elements()), yields.value());
                case Deed.Creates creates -> given(creates.constructor(), creates.arguments());
                case Deed.Calls calls -> call(calls);
                case Deed.Stores stores when stores.index() == null
                        && stores.value().first() instanceof Origin.Constant && !holdsMany(stores.value().type()) ->
                    stores.container().origins().forEach(origin -> count(slot(origin), stores.value()));
                case Deed.Stores stores -> putInto(stores.container(), stores.value());
                default -> {
                    // nothing else hands values on
                }
            }
        }
    }

    private static boolean isOwn(Setting within, Operation operation) {
        return operation.depth() > 0 || !Setting.inside(within, Setting.Kind.FUNCTION);
    }

    private void call(Deed.Calls calls) {
        given(calls.callee(), calls.arguments());
        boolean known = calls.callee() == null
                ? !calls.receiver().type().isUnknown() || !own.contains(calls.name())
                : calls.callee().home().external();
        if (known && library.adds(calls.name()) && !calls.arguments().isEmpty()) {
            putInto(calls.receiver(), containers.added(calls.name(), calls.arguments().getLast()));
        }
        for (Origin origin : library.universal(calls.name()) ? List.<Origin>of() : calls.receiver().origins()) {
            Slot used = slot(origin);
            if (used != null && isInside(origin, calls.name())) {
                used = slot(used.key.elements());
            }
            if (used != null) {
                used.uses.add(new Use(calls.name(), calls.arguments().size()));
            }
        }
    }

    /** What no list answers is asked of something in the list that lies in another. */
    private boolean isInside(Origin origin, String asked) {
        return origin instanceof Origin.CopyOf(Origin _, boolean detached) && !detached && !library.ofContainers(asked);
    }

    private void given(Operation callee, List<Flow> arguments) {
        if (callee == null || callee.home().external() && !callee.home().shape()) {
            return;
        }
        int last = callee.parameters().size() - 1;
        boolean rest = last >= 0 && takesRest(callee.parameters().get(last));
        for (int i = 0; i < arguments.size() && (rest || i <= last); i++) {
            Key parameter = Key.parameter(callee, Math.min(i, last));
            boolean element = rest && i >= last && !holdsMany(arguments.get(i).type());
            put(slot(element ? parameter.elements() : parameter), arguments.get(i));
        }
        for (Operation below : callee.overriders()) {
            for (int i = 0; i < Math.min(arguments.size(), below.parameters().size()); i++) {
                put(slot(Key.parameter(below, i)), arguments.get(i));
            }
        }
    }

    /** All further arguments become elements of the last parameter. */
    private static boolean takesRest(Operation.Parameter last) {
        return last.optional() && last.type().dimensions() > 0;
    }

    /** What is changed by a number or a text is one itself. */
    private void count(Slot slot, Flow by) {
        if (slot != null) {
            put(slot, by);
        }
    }

    private void putInto(Flow container, Flow value) {
        for (Origin origin : container.origins()) {
            Slot slot = slot(origin);
            if (slot != null) {
                Slot elements = slot(slot.key.elements());
                put(elements, value);
                Together.note(this, elements, value, library);
            }
        }
    }

    private void put(Slot slot, Flow value) {
        boolean told = false;
        boolean table = holdsMany(value.type());
        Slot each = table && !slot.key.element() ? slot(slot.key.elements()) : slot;
        for (Origin origin : value.origins()) {
            if (origin instanceof Origin.OfFunction function) {
                each.functions.add(function);
                toParameters(value, function);
                told |= !table;
            }
            if (origin instanceof Origin.OfType(CodeType kind) && !kind.external()) {
                each.kinds.add(kind);
                told |= !table;
            }
            if (origin instanceof Origin.Fresh(CodeType made) && !made.external() && !isTuple(slot.key, value)) {
                (holdsMany(value.type()) ? slot(slot.key.elements()) : slot).types.add(TypeUse.of(made));
            }
            if (origin instanceof Origin.OfParameter(Operation of, int index) && index < of.parameters().size()
                    && !of.parameters().get(index).inferred() && of.parameters().get(index).type().dimensions() == 0) {
                slot.written = of.parameters().get(index).type().type();
            }
            Slot from = slot(origin);
            boolean nested = from != null && from.key.elements().equals(slot.key); // a container inside the container
            if (from != null && from != slot && !nested) {
                slot.from.add(from);
                if (!slot.key.element()) {
                    slot(slot.key.elements()).from.add(slot(from.key.elements()));
                }
            }
        }
        if (!told && !value.type().isUnknown() && !Shapes.isFunction(value.type().type())) {
            slot.types.add(value.type());
        }
    }

    /** Several things of which only some are known to be made here are handed back together, not as a list. */
    private boolean isTuple(Key key, Flow value) {
        return key.owner() instanceof Operation && key.index() < 0 && holdsMany(value.type())
                && value.origins().size() > 1
                && !value.origins().stream().allMatch(Origin.Fresh.class::isInstance);
    }

    /** What a parameter is when it is left out belongs to the parameter as well. */
    private void toParameters(Flow value, Origin.OfFunction function) {
        for (Origin origin : value.origins()) {
            if (origin instanceof Origin.OfParameter) {
                slot(origin).functions.add(function);
            }
        }
    }

    private boolean holdsMany(TypeUse type) {
        return type.dimensions() > 0 || type.type() != null && library.container(type) != null;
    }

    /** The place a value comes from; null when it comes from none. */
    Slot slot(Origin origin) {
        Key key = key(origin);
        return key == null ? null : slot(key);
    }

    /** The place a value comes from; null when it comes from none. */
    static Key key(Origin origin) {
        return switch (origin) {
            case Origin.OfField(Field field, boolean _) when field.place() != null -> Key.of(field);
            case Origin.OfParameter(Operation operation, int index) -> Key.parameter(operation, index);
            case Origin.Result(Operation callee, Origin _) when callee != null && callee.place() != null ->
                Key.result(callee);
            case Origin.ElementOf(Origin container) -> {
                Key whole = key(container);
                yield whole == null || whole.element() ? whole : whole.elements();
            }
            case Origin.CopyOf(Origin container, boolean _) -> key(container);
            default -> null;
        };
    }

    /**
     * Types and functions that reach each place from others, and uses that reach back. A place only takes over what has grown
     * since it last did: in code where all flows through a few hubs anything else takes minutes.
     */
    void spread() {
        int visit = 0;
        boolean changed = true;
        for (int round = 0; changed && round < MOST_ROUNDS; round++) {
            changed = false;
            for (Slot slot : slots.values()) {
                int before = slot.visited;
                slot.visited = ++visit;
                for (Slot from : slot.from) {
                    if (from.grown >= before && slot.takes(from)) {
                        slot.grown = visit;
                        changed = true;
                    }
                    if (slot.asked >= before && from.isAsked(slot.uses)) {
                        from.asked = visit;
                        changed = true;
                    }
                }
            }
        }
    }
}
