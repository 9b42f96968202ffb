package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Operation;
import dev.huella.core.model.TypeUse;
import java.util.List;
import java.util.Locale;

/** Functions outside types, which an import names like a type. */
final class FunctionsOutside {
    private final Resolution world;

    FunctionsOutside(Resolution world) {
        this.world = world;
    }

    /**
     * True when a name that no declaration of a type is known for means a function: where types are written with a
     * capital and it has none, or where the code has functions of that name; or where the type is called itself, since
     * nobody there may make one.
     */
    boolean isOne(CodeType type, String name, CodeType from) {
        boolean small = type.external() && world.library.rule(Rule.CAPITAL_TYPES)
                && Character.isLowerCase(type.name().charAt(0))
                && world.library.container(TypeUse.of(type)) == null
                && !world.library.plain(type);
        return small || isCalled(type, from) || world.index.isBare(type) && world.library.rule(Rule.GLOBAL_FUNCTIONS)
                && !world.index.functions(name).isEmpty();
    }

    /** The operations that a name may mean; {@code imported} is what an import makes of it, or null. */
    List<Operation> meant(String name, CodeType imported) {
        List<Operation> called = imported == null || imported.external() ? List.of() : invoked(imported);
        List<Operation> found = imported == null || !called.isEmpty() ? called : ofType(imported.qualifiedName());
        return found.isEmpty() && world.library.rule(Rule.GLOBAL_FUNCTIONS) ? world.index.functions(name) : found;
    }

    private boolean isCalled(CodeType type, CodeType from) {
        List<Operation> constructors = type.external() ? List.of() : Members.constructors(type);
        return !constructors.isEmpty() && !invoked(type).isEmpty()
                && constructors.stream().allMatch(one -> one.modifiers().visibility() == Visibility.PRIVATE)
                && !(from.qualifiedName() + ".").startsWith(type.qualifiedName() + ".");
    }

    /** What a call of the type itself means, where its companion says so. */
    private List<Operation> invoked(CodeType type) {
        return world.members.operations(type, "invoke").stream().filter(Operation::isStatic).toList();
    }

    /** Operations of the type that a name with dots goes through. */
    private List<Operation> ofType(String qualifiedName) {
        int dot = qualifiedName.lastIndexOf('.');
        CodeType holder = dot < 0 ? null : world.index.source(qualifiedName.substring(0, dot));
        return holder == null ? List.of() : world.members.operations(holder, qualifiedName.substring(dot + 1));
    }

    /** The path of a type that is called by way of its module outside; null where the name may be another one's. */
    String typeOfModule(Value.Call call, CodeType module) {
        boolean outside = module != null && module.external() && call.receiver() != null;
        String path = outside ? NameResolver.path(call.receiver()) : null;
        return path != null && mustBeType(call.name()) ? path + "." + call.name() : null;
    }

    /** True for a name in a module outside that can only be a type's, in languages where types are called to make objects. */
    private boolean mustBeType(String name) {
        LibraryKnowledge library = world.library;
        return library.rule(Rule.CALL_MAKES) && library.rule(Rule.MODULES)
                && (library.makesContainer(name)
                        || library.rule(Rule.CAPITAL_TYPES) && Character.isUpperCase(name.charAt(0))
                                && !name.equals(name.toUpperCase(Locale.ROOT)));
    }
}
