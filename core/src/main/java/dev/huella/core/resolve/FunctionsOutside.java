package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** Functions outside types, which an import names like a type. */
final class FunctionsOutside {
    private final Resolution world;

    FunctionsOutside(Resolution world) {
        this.world = world;
    }

    /**
     * True when a name that no declaration of a type is known for means a function: where types are written with a
     * capital and it has none, or where the code has functions of that name.
     */
    boolean isOne(CodeType type, String name) {
        boolean small = type.external() && world.library.rule(Rule.CAPITAL_TYPES)
                && Character.isLowerCase(type.name().charAt(0))
                && world.library.container(TypeUse.of(type)) == null
                && !world.library.plain(type);
        return small || world.index.isBare(type) && world.library.rule(Rule.GLOBAL_FUNCTIONS)
                && !world.index.functions(name).isEmpty();
    }

    /** The operations that a name may mean; {@code imported} is what an import makes of it, or null. */
    List<Operation> meant(String name, CodeType imported) {
        List<Operation> found = imported == null ? List.of() : ofType(imported.qualifiedName());
        return found.isEmpty() && world.library.rule(Rule.GLOBAL_FUNCTIONS) ? world.index.functions(name) : found;
    }

    /** Operations of the type that a name with dots goes through. */
    private List<Operation> ofType(String qualifiedName) {
        int dot = qualifiedName.lastIndexOf('.');
        CodeType holder = dot < 0 ? null : world.index.source(qualifiedName.substring(0, dot));
        return holder == null ? List.of() : world.members.operations(holder, qualifiedName.substring(dot + 1));
    }
}
