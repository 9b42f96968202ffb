package dev.huella.core.molde.clause;

import dev.huella.core.model.CodeType;
import java.util.List;

/** Objects that lie together in one field and have nothing in common that anybody asks for. */
final class UnlikeOnes {
    private UnlikeOnes() {}

    /** The types of what a field keeps whose own type only stands for them all; none for any other. */
    static List<CodeType> kept(CodeType held) {
        boolean unlike = held.shape() && held.fields().isEmpty() && held.operations().isEmpty();
        return unlike ? held.subtypes() : List.of();
    }
}
