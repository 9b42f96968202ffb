package dev.huella.core.resolve;

import dev.huella.core.model.Flow;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.Slots.Key;
import dev.huella.core.resolve.Slots.Slot;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/** Several things that a list keeps side by side, as a listener and its limit, where no type says so. */
final class Together {
    private Together() {}

    /** Takes in a list or table that is written where it is put away, if it is made of what an operation was given. */
    static void note(Slots slots, Slot elements, Flow put, LibraryKnowledge library) {
        TypeUse inside = new Nesting(library).elementOf(put.type());
        List<Origin.OfParameter> parts = inside == null || !inside.isUnknown()
                ? List.of()
                : put.origins().stream().map(Together::part).filter(Objects::nonNull).toList();
        if (parts.isEmpty()) {
            return;
        }
        elements.together = parts;
        for (Origin.OfParameter part : parts) {
            Slot from = slots.slot(part);
            TypeUse use = from.key.type();
            if (use == null || use.type() != null || !Key.PLAIN.contains(use.text())) {
                elements.from.add(from);
            }
        }
    }

    private static Origin.OfParameter part(Origin origin) {
        return origin instanceof Origin.Result(Operation callee, Origin.OfParameter given) && callee == null
                ? given
                : null;
    }

    /** Their type, where those of which no type is known are of this one. */
    static TypeUse type(Slot slot, TypeUse one) {
        List<TypeUse> parts = slot.together.stream()
                .map(part -> Key.parameter(part.operation(), part.index()).type())
                .map(type -> type == null || type.isUnknown() ? one : type)
                .toList();
        String text = parts.stream().map(TypeUse::text).collect(Collectors.joining(", ", "(", ")"));
        return new TypeUse(text, null, null, parts, 0);
    }

    /** The container with what lies in it: side by side, or down to what lies in the innermost. */
    static TypeUse filled(Nesting nesting, TypeUse container, TypeUse inside, Slot elements) {
        return elements.together.isEmpty()
                ? nesting.filled(container, inside)
                : nesting.withElement(container, inside);
    }
}
