package dev.huella.core.resolve;

import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.List;

/** Containers of containers, down to what lies in the innermost. */
final class Nesting {
    private final LibraryKnowledge library;

    Nesting(LibraryKnowledge library) {
        this.library = library;
    }

    /** Null for what is no container. */
    TypeUse elementOf(TypeUse type) {
        if (type.dimensions() > 0) {
            return type.element();
        }
        if (type.type() == null && library.lists("bareContainers", type.text())) {
            return TypeUse.UNKNOWN;
        }
        LibraryContainers.Kept kept = type.type() != null && !type.type().external()
                ? null
                : library.container(type);
        return kept == null ? null : kept.element();
    }

    /** What lies at the bottom of containers of containers; the type itself when it is none. */
    TypeUse innermost(TypeUse type) {
        TypeUse element = type.isUnknown() ? null : elementOf(type);
        return element == null ? type : innermost(element);
    }

    /** The container with what lies in it, where that was not known. */
    TypeUse filled(TypeUse container, TypeUse inside) {
        TypeUse element = elementOf(container);
        return element.isUnknown()
                ? withElement(container, inside)
                : withElement(container, filled(element, innermost(inside)));
    }

    TypeUse withElement(TypeUse container, TypeUse element) {
        if (container.dimensions() > 0 || container.type() == null) {
            return element.array(1);
        }
        LibraryContainers.Kept kept = library.container(container);
        List<TypeUse> arguments = new ArrayList<>();
        for (int i = 0; i < kept.kind().element(); i++) {
            arguments.add(TypeUse.UNKNOWN);
        }
        arguments.add(element);
        return new TypeUse(container.text(), container.type(), null, arguments, 0);
    }

    boolean richer(TypeUse use, TypeUse than) {
        TypeUse own = elementOf(use);
        TypeUse before = elementOf(than);
        return own != null && (before == null || before.isUnknown() && !own.isUnknown());
    }
}
