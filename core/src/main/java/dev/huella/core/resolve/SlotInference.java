package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.Slots.Slot;
import dev.huella.core.resolve.Slots.Use;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Gives untyped places a type: the nearest common one of all that is put there, raised as far as what is asked of it
 * allows; where nothing is known to be put there, the type that offers what is asked. Where several types without a
 * common one meet, a shape stands for them. Functions of one kind that flow from place to place share one shape.
 */
final class SlotInference {
    private static final int MOST_CANDIDATES = 12;
    private final Resolution world;
    private final Nesting nesting;
    private final boolean dynamic;
    private List<CodeType> declared = List.of();
    private boolean shapes;
    private boolean last;
    private boolean changed;
    private final Map<String, List<CodeType>> offering = new HashMap<>();
    private final Set<CodeType> bases = new HashSet<>();
    private final Map<Set<CodeType>, CodeType> made = new HashMap<>();
    private final FunctionPlaces places;

    SlotInference(Resolution world) {
        this.world = world;
        this.nesting = new Nesting(world.library);
        this.places = new FunctionPlaces(world, nesting);
        this.dynamic = world.library.rule(Rule.DYNAMIC);
    }

    /** Which shapes may be made: the more is known of where values go, the safer they are. */
    enum Shaping {
        NONE, OF_WHAT_MEETS, OF_WHAT_IS_ASKED
    }

    /**
     * Types fields, parameters and results that have none written.
     *
     * @param types types whose bodies were resolved
     * @return whether that showed anything new
     */
    boolean infer(List<CodeType> types, Shaping shaping) {
        shapes = shaping != Shaping.NONE;
        last = shaping == Shaping.OF_WHAT_IS_ASKED;
        changed = false;
        offering.clear();
        declared = types;
        for (CodeType type : types) {
            type.supertypes().forEach(above -> bases.add(above.type()));
            for (Operation operation : type.operations()) {
                if (operation.kind() == OperationDeclared.Kind.OPERATION && !type.shape()) {
                    offering.computeIfAbsent(operation.name(), key -> new ArrayList<>()).add(type);
                }
            }
        }
        var slots = new Slots(world.library, offering.keySet());
        types.forEach(type -> type.operations()
                .forEach(operation -> slots.collect(operation, world.reads::containsKey)));
        slots.spread();
        List<Slot> all = new ArrayList<>(slots.all().values());
        all.stream()
                .filter(slot -> !slot.kinds.isEmpty() && slot.kinds.size() <= MOST_CANDIDATES)
                .forEach(slot -> changed |= world.kinds.put(slot.key, slot.kinds) == null);
        places.follow(all);
        Map<Object, TypeUse[]> parameters = new LinkedHashMap<>();
        for (Slot slot : all) {
            if (!slot.key.element()) {
                fill(slot, slots, parameters);
            }
        }
        parameters.forEach((operation, uses) -> signature((Operation) operation, uses));
        return changed;
    }

    private static void signature(Operation operation, TypeUse[] uses) {
        List<Parameter> all = new ArrayList<>();
        for (int i = 0; i < operation.parameters().size(); i++) {
            Parameter before = operation.parameters().get(i);
            all.add(uses[i] == null
                    ? before
                    : new Parameter(before.name(), uses[i], before.optional(),
                            before.inferred() || before.type().isUnknown()));
        }
        TypeUse result = uses[operation.parameters().size()];
        operation.signature(operation.variables(), all, result == null ? operation.returns() : result);
        if (result != null) {
            operation.resultWorkedOut();
        }
    }

    private void fill(Slot slot, Slots slots, Map<Object, TypeUse[]> parameters) {
        TypeUse now = slot.key.type();
        if (now == null) {
            return;
        }
        TypeUse found = found(slot, now);
        if (nesting.innermost(found).isUnknown()) {
            Slot inside = slots.all().get(slot.key.elements());
            TypeUse known = inside == null ? TypeUse.UNKNOWN : found(inside, TypeUse.UNKNOWN);
            found = known.isUnknown()
                    ? found
                    : found.isUnknown() ? known.array(1) : Together.filled(nesting, found, known, inside);
        }
        found = widened(found, slot, slots);
        if (found.equals(now) || found.isUnknown()) {
            return;
        }
        changed = true;
        switch (slot.key.owner()) {
            case Field field -> field.inferred(claimed(found, field));
            case Operation operation -> {
                int index = slot.key.index() < 0 ? operation.parameters().size() : slot.key.index();
                parameters.computeIfAbsent(operation,
                        key -> new TypeUse[operation.parameters().size() + 1])[index] = found;
            }
            default -> throw new IllegalStateException("a place is a field or belongs to an operation");
        }
    }

    /** A list that starts with some and is given others later keeps what they have in common. */
    private TypeUse widened(TypeUse found, Slot slot, Slots slots) {
        Slot inside = slots.all().get(slot.key.elements());
        boolean list = dynamic && slot.key.isWorkedOut() && found.dimensions() == 1 && found.type() != null
                && !found.type().external() && !found.type().shape();
        if (!list || inside == null || inside.types.stream()
                .allMatch(use -> use.type() == null || use.type().external()
                        || world.supertypes.isA(use.type(), found.type()))) {
            return found;
        }
        inside.types.add(TypeUse.of(found.type()));
        TypeUse common = found(inside, TypeUse.UNKNOWN);
        return common.isUnknown() ? found : common.array(1);
    }

    /** A function's type that no place has claimed yet is what this field asks for. */
    private TypeUse claimed(TypeUse use, Field field) {
        CodeType type = use.type();
        if (type != null && Shapes.isFunction(type) && type.place() == null && field.place() != null) {
            CodeType own = Shapes.of(field.name(), field.home(), field.place(), TypeKind.FUNCTION);
            type.operations()
                    .forEach(asked -> own.add(Shapes.promised(own, asked.name(), asked.parameters(), asked.returns())));
            world.slots.add(own);
            return new TypeUse(use.text(), own, use.variable(), use.arguments(), use.dimensions());
        }
        List<TypeUse> arguments = use.arguments().stream().map(one -> claimed(one, field)).toList();
        return arguments.equals(use.arguments())
                ? use
                : new TypeUse(use.text(), use.type(), use.variable(), arguments, use.dimensions());
    }

    private TypeUse found(Slot slot, TypeUse now) {
        TypeUse one = single(slot, now);
        TypeUse inside = slot.together.isEmpty() ? TypeUse.UNKNOWN : nesting.innermost(one);
        return inside.isUnknown() ? one : Together.type(slot, inside);
    }

    private TypeUse single(Slot slot, TypeUse now) {
        if (now.isUnknown() && slot.written != null && slot.written.kind() == TypeKind.FUNCTION
                && !slot.written.shape() && !slot.key.element()) {
            return TypeUse.of(slot.written);
        }
        if (Shapes.isFunction(now.type()) || !slot.functions.isEmpty() && now.isUnknown()) {
            return shapes ? inside(slot, places.function(slot, now)) : now;
        }
        if (!now.isUnknown() && !(dynamic && slot.key.isWorkedOut())) {
            return now;
        }
        Set<CodeType> known = new LinkedHashSet<>();
        TypeUse other = TypeUse.UNKNOWN;
        TypeUse container = TypeUse.UNKNOWN;
        for (TypeUse use : slot.takesAnything() ? Set.<TypeUse>of() : slot.types) {
            if (slot.key.element() && nesting.elementOf(use) != null) {
                container = container.isUnknown() || nesting.richer(use, container) ? use : container;
            } else if (use.type() != null && use.dimensions() == 0 && !use.type().external()) {
                known.add(use.type());
            } else if (other.isUnknown() || nesting.richer(use, other)) {
                other = use;
            }
        }
        if (dynamic && !slot.uses.isEmpty()) {
            slot.kinds.stream().filter(kind -> Asked.ofItself(world, kind, slot.uses)).forEach(known::add);
        }
        boolean said = !dynamic && known.size() == 1; // what a value starts with is its type
        TypeUse one = said
                ? TypeUse.of(known.iterator().next())
                : !known.isEmpty() ? common(known, slot) : other.isUnknown() ? byUse(slot) : other;
        if (container.isUnknown()) {
            return one;
        }
        return nesting.elementOf(container).isUnknown() && !one.isUnknown()
                ? nesting.withElement(container, one)
                : container;
    }

    /** Functions that are kept in containers which a container keeps: topics with those to tell. */
    private TypeUse inside(Slot slot, TypeUse function) {
        if (!slot.key.element() || function.isUnknown()) {
            return function;
        }
        return slot.types.stream()
                .filter(use -> nesting.elementOf(use) != null && nesting.elementOf(use).isUnknown())
                .findFirst()
                .map(container -> nesting.withElement(container, function))
                .orElse(function);
    }

    private TypeUse common(Set<CodeType> known, Slot slot) {
        List<CodeType> all = known.stream().map(type -> standIn(type, slot)).distinct().toList();
        if (slot.written != null && slot.key.owner() instanceof Field
                && all.stream().allMatch(one -> StructuralTypes.satisfies(world, one, slot.written))) {
            return TypeUse.of(slot.written);
        }
        List<CodeType> shared = new ArrayList<>(List.of(all.getFirst()));
        shared.addAll(world.supertypes.above(all.getFirst()));
        shared.removeIf(type -> type.external() || type.shape() && all.size() == 1 && type != all.getFirst()
                || !all.stream().allMatch(one -> world.supertypes.isA(one, type)));
        CodeType best = null;
        for (CodeType type : shared) {
            boolean offers = slot.uses.stream().allMatch(use -> offers(type, use) || world.library.invokes(use.name()));
            if (best == null || offers && !slot.uses.isEmpty() && usesSomething(type, slot)) {
                best = type;
            }
        }
        if (best != null) {
            if (best.shape()) {
                promise(best, slot, all);
            }
            return TypeUse.of(best);
        }
        return shapes && !slot.uses.isEmpty() ? TypeUse.of(shape(slot, all)) : TypeUse.UNKNOWN;
    }

    /** An object written in place that wraps another and offers nothing beyond it is asked for as that other one. */
    private CodeType standIn(CodeType type, Slot slot) {
        for (Field field : type.kind() == TypeKind.OBJECT && slot.key.home() != type
                ? type.fields()
                : List.<Field>of()) {
            CodeType held = field.type().dimensions() > 0 ? null : field.type().type();
            if (held != null && held != type && !held.external() && !held.shape() && StandIns.offersNoMore(type, held)
                    && slot.uses.stream().allMatch(use -> offers(held, use))) {
                return held;
            }
        }
        return type;
    }

    private boolean usesSomething(CodeType type, Slot slot) {
        return slot.uses.stream().anyMatch(use -> offers(type, use));
    }

    private boolean offers(CodeType type, Use use) {
        if (BuiltName.is(use.name())) {
            return !BuiltName.operations(type, use.name(), world.supertypes).isEmpty();
        }
        return world.members.operations(type, use.name())
                .stream()
                .anyMatch(operation -> !operation.home().external() && Asked.takes(world, operation, use.arguments()))
                || world.members.field(type, use.name()) != null;
    }

    /** Types that have an operation of the name, or one that a name put together may come out as. */
    private List<CodeType> offering(String name) {
        return BuiltName.is(name)
                ? offering.entrySet()
                        .stream()
                        .filter(one -> BuiltName.matches(name, one.getKey()))
                        .flatMap(one -> one.getValue().stream())
                        .distinct()
                        .toList()
                : offering.getOrDefault(name, List.of());
    }

    /** The type that offers all that is asked, when there is one family of them. */
    private TypeUse byUse(Slot slot) {
        boolean steps = slot.key.index() < 0 && slot.key.element() && world.library.asksForSteps(slot.key.name());
        if (steps || !dynamic) { // who goes through it may know more; what types leave unknown comes from outside
            return TypeUse.UNKNOWN;
        }
        List<Use> telling = slot.uses.stream()
                .filter(use -> !use.name().equals(Value.APPLY) && !offering(use.name()).isEmpty())
                .toList();
        if (telling.isEmpty() && slot.uses.stream().anyMatch(use -> world.library.ofText(use.name()))) {
            return TypeUse.primitive(world.library.literal("string"));
        }
        if (telling.isEmpty() && world.reads.containsKey(slot.key)) {
            return byReads(slot);
        }
        if (telling.isEmpty() || telling.size() < slot.uses.size()
                || telling.stream().allMatch(use -> world.library.ofContainers(use.name()))) {
            return TypeUse.UNKNOWN;
        }
        List<CodeType> candidates = new ArrayList<>(offering(telling.getFirst().name()));
        candidates.removeIf(type -> type.kind() == TypeKind.MODULE && !bases.contains(type)
                || type.kind() == TypeKind.FUNCTION || !telling.stream().allMatch(use -> offers(type, use)));
        List<CodeType> top = candidates.stream()
                .distinct()
                .filter(type -> candidates.stream()
                        .noneMatch(other -> other != type && world.supertypes.isA(type, other)))
                .toList();
        if (top.size() == 1) {
            return TypeUse.of(top.getFirst());
        }
        Set<CodeType> owners = new LinkedHashSet<>(top);
        CodeType home = slot.key.owner() instanceof Field field ? field.home() : ((Operation) slot.key.owner()).home();
        owners.removeIf(type -> type == home || type.kind() == TypeKind.MODULE);
        return owners.size() == 1
                ? TypeUse.of(owners.iterator().next())
                : last && !owners.isEmpty() && owners.size() <= MOST_CANDIDATES
                        ? TypeUse.of(shape(slot, List.copyOf(owners)))
                        : TypeUse.UNKNOWN;
    }

    /** The only type that has all the fields which are read, when they are several. */
    private TypeUse byReads(Slot slot) {
        Set<String> read = world.reads.get(slot.key);
        List<CodeType> all = read.size() < 2
                ? List.of()
                : declared.stream()
                        .filter(type -> type.kind() == TypeKind.CLASS && !type.external())
                        .filter(type -> read.stream().allMatch(name -> world.members.field(type, name) != null))
                        .filter(type -> slot.uses.stream().allMatch(use -> offers(type, use)))
                        .toList();
        return all.size() == 1 ? TypeUse.of(all.getFirst()) : TypeUse.UNKNOWN;
    }

    /** What the code declares for just these stands for them; else one shape does, wherever they meet. */
    private CodeType shape(Slot slot, List<CodeType> realised) {
        CodeType protocol = StructuralTypes.inCommon(world, realised, declared.stream()
                .filter(type -> type.kind() == TypeKind.PROTOCOL && !type.shape())
                .filter(type -> slot.uses.stream().allMatch(use -> offers(type, use)))
                .toList());
        if (protocol != null) {
            return protocol;
        }
        Set<CodeType> key = new LinkedHashSet<>(realised);
        CodeType there = made.get(key);
        if (there == null) {
            there = Shapes.of(slot.key.name(), slot.key.home(), slot.key.place(), TypeKind.PROTOCOL);
            made.put(key, there);
            world.slots.add(there);
            for (CodeType type : realised) {
                world.supertypes.add(type, TypeUse.of(there));
            }
        }
        promise(there, slot, realised);
        return there;
    }

    /**
     * What is asked; of a name put together, each that it may come out as and all of them have, and where they are called
     * like functions, the operation that answers that.
     */
    private Set<Use> promised(Slot slot, List<CodeType> realised) {
        Set<Use> all = new LinkedHashSet<>();
        for (Use use : slot.uses) {
            if (BuiltName.is(use.name())) {
                BuiltName.operations(realised.getFirst(), use.name(), world.supertypes)
                        .forEach(operation -> all.add(new Use(operation.name(), use.arguments())));
            } else if (use.name().equals(Value.APPLY)) {
                world.library.names("invokes").forEach(name -> all.add(new Use(name, use.arguments())));
            } else {
                all.add(use);
            }
        }
        return all;
    }

    private void promise(CodeType shape, Slot slot, List<CodeType> realised) {
        for (Use use : promised(slot, realised)) {
            if (shape.operations().stream().noneMatch(operation -> operation.name().equals(use.name()))
                    && (realised.stream().allMatch(type -> offers(type, use))
                            || slot.key.owner() instanceof Operation && slot.key.index() >= 0
                                    && shape.operations().size() > 1
                                    && realised.stream().anyMatch(type -> offers(type, use)))) {
                List<Parameter> parameters = new ArrayList<>();
                for (int i = 0; i < use.arguments(); i++) {
                    parameters.add(new Parameter("p" + i, TypeUse.UNKNOWN));
                }
                shape.add(Shapes.promised(shape, use.name(), parameters, TypeUse.UNKNOWN));
            }
        }
    }
}
