package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.Slots.Key;
import dev.huella.core.resolve.Slots.Slot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Untyped places that hold functions: those between which functions flow share the shape of the one they end in. */
final class FunctionPlaces {
    private final Resolution world;
    private final Nesting nesting;
    private final Map<Key, CodeType> shapes = new HashMap<>();
    private final Map<Slot, Slot> targets = new HashMap<>();
    private final Map<CodeType, Boolean> called = new HashMap<>();

    FunctionPlaces(Resolution world, Nesting nesting) {
        this.world = world;
        this.nesting = nesting;
    }

    /** Takes in where functions go: from each parameter to the field it is put into, from each constant to a parameter. */
    void follow(List<Slot> all) {
        targets.clear();
        called.clear();
        for (Slot slot : all) {
            boolean field = slot.key.owner() instanceof Field;
            for (Slot from : slot.from) {
                boolean parameter = from.key.owner() instanceof Operation && !from.key.element();
                boolean constant = from.key.owner() instanceof Field kept && kept.isStatic() && !from.key.element();
                if (field ? parameter : constant && !slot.key.element() && slot.key.index() >= 0) {
                    targets.putIfAbsent(from, slot);
                }
            }
        }
    }

    /** The field that this place's functions end up in; the place itself when they end here. */
    private Slot target(Slot slot) {
        Slot next = targets.getOrDefault(slot, slot);
        return targets.getOrDefault(next, next);
    }

    /** The type of a place to which functions come, or that asks for one. */
    TypeUse function(Slot slot, TypeUse now) {
        Slot end = target(slot);
        TypeUse there = end == slot ? now : end.key.type();
        if (end != slot && end.key.element() && there != null) {
            there = nesting.innermost(there);
        }
        if (there != null && Shapes.isFunction(there.type())) {
            callables(slot, there.type());
            return new TypeUse(now.isUnknown() ? "" : now.text(), there.type(), null, List.of(), now.dimensions());
        }
        if (!now.isUnknown()) {
            return now;
        }
        CodeType shape = shapes.computeIfAbsent(end.key, key -> shape(key, slot));
        callables(slot, shape);
        return TypeUse.of(shape);
    }

    private CodeType shape(Key key, Slot slot) {
        CodeType type = Shapes.of(key.name(), key.home(), key.place(), TypeKind.FUNCTION);
        int count = slot.functions.stream().mapToInt(FunctionPlaces::parameterCount).max().orElse(0);
        List<Parameter> parameters = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            parameters.add(new Parameter("p" + i, TypeUse.UNKNOWN));
        }
        type.add(Shapes.promised(type, Value.APPLY, parameters, TypeUse.UNKNOWN));
        world.slots.add(type);
        return type;
    }

    /** Objects that can be called and are put where functions are put. */
    private void callables(Slot slot, CodeType shape) {
        for (TypeUse use : slot.types) {
            CodeType type = use.type();
            boolean object = type != null && use.dimensions() == 0 && !type.external() && !type.shape();
            if (object && called.computeIfAbsent(type, this::canBeCalled)) {
                world.supertypes.add(type, TypeUse.of(shape));
            }
        }
    }

    private boolean canBeCalled(CodeType type) {
        return world.library.names("invokes")
                .stream()
                .flatMap(name -> world.members.operations(type, name).stream())
                .anyMatch(operation -> !operation.home().external());
    }

    private static int parameterCount(Origin.OfFunction function) {
        return function.function().operations().isEmpty()
                ? 0
                : function.function().operations().getFirst().parameters().size();
    }
}
