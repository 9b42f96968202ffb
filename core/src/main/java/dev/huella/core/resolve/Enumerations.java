package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;

/** What the language gives every enumeration of the sources besides its own members: one constant, or all of them. */
final class Enumerations {
    private Enumerations() {}

    /** Where {@code of} is null, nothing is named: the type itself is asked, or the enumeration of which it is a constant. */
    static Flow member(Flow of, CodeType within, String name, LibraryKnowledge library) {
        if (of != null) {
            return member(of, name, library);
        }
        CodeType outer = within.kind() != TypeKind.ENUM && within.outer() != null ? within.outer() : within;
        return member(Flow.of(new Origin.OfType(outer), TypeUse.of(outer)), name, library);
    }

    /** The enumeration that is named; null for all else. */
    static CodeType named(Flow flow) {
        CodeType type = NameResolver.isType(flow) ? flow.type().type() : null;
        return type != null && !type.external() && type.kind() == TypeKind.ENUM ? type : null;
    }

    /** Null where {@code name} is no such member, or {@code of} does not name an enumeration. */
    static Flow member(Flow of, String name, LibraryKnowledge library) {
        CodeType type = named(of);
        if (type == null) {
            return null;
        }
        TypeUse one = TypeUse.of(type);
        return library.lists("oneConstant", name)
                ? Flow.of(new Origin.Result(null, of.first()), one)
                : library.lists("allConstants", name)
                        ? Flow.of(new Origin.Result(null, of.first()), one.array(1))
                        : null;
    }
}
