package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;

/** What the language gives every enumeration of the sources besides its own members: one constant, or all of them. */
final class Enumerations {
    private Enumerations() {}

    /** What is named where nothing is: the type itself, or the enumeration of which it is a constant. */
    static Flow around(CodeType type) {
        CodeType outer = type.kind() != TypeKind.ENUM && type.outer() != null ? type.outer() : type;
        return Flow.of(new Origin.OfType(outer), TypeUse.of(outer));
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
