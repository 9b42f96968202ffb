package dev.huella.core.resolve;

import dev.huella.core.facts.TypeText;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Gives written type names their meaning: variables, nesting, inheritance, imports, package, then outside. */
final class TypeNames {
    private static final Set<String> PRIMITIVES = Set.of("int", "long", "short", "byte", "char", "boolean", "float",
            "double", "void");
    private final TypeIndex index;
    private final TypeDeclarer declarer;
    private final Supertypes supertypes;

    TypeNames(TypeIndex index, TypeDeclarer declarer, Supertypes supertypes) {
        this.index = index;
        this.declarer = declarer;
        this.supertypes = supertypes;
    }

    /** Where a name is looked up from. {@code variables}: those of the operation. */
    record From(FileScope file, CodeType type, Map<String, TypeVariable> variables) {}

    TypeUse use(TypeText text, From from) {
        if (text == null || text.name().equals("?")) {
            return TypeUse.UNKNOWN;
        }
        if (PRIMITIVES.contains(text.name())) {
            return TypeUse.primitive(text.name()).array(text.dimensions());
        }
        TypeVariable variable = variable(text.name(), from);
        if (variable != null) {
            return new TypeUse(text.name(), null, variable, List.of(), text.dimensions());
        }
        CodeType type = type(text.name(), from);
        List<TypeUse> arguments = text.arguments().stream().map(argument -> use(argument, from)).toList();
        return new TypeUse(text.toString().replaceFirst("(\\[\\])+$", ""), type, null, arguments, text.dimensions());
    }

    private static TypeVariable variable(String name, From from) {
        TypeVariable own = from.variables().get(name);
        if (own != null) {
            return own;
        }
        for (CodeType type = from.type(); type != null; type = type.outer()) {
            for (TypeVariable variable : type.variables()) {
                if (variable.name().equals(name)) {
                    return variable;
                }
            }
        }
        return null;
    }

    /** Never null: what is not known is taken to be outside, under the name that the imports or the text give it. */
    CodeType type(String written, From from) {
        CodeType known = known(written, from);
        return known != null ? known : index.outside(written);
    }

    /** Null when no type of that name is known. */
    CodeType known(String written, From from) {
        int dot = written.indexOf('.');
        if (dot < 0) {
            return simple(written, from);
        }
        CodeType first = simple(written.substring(0, dot), from);
        if (first != null) {
            return inside(first, written.substring(dot + 1));
        }
        return index.qualified(written);
    }

    private CodeType inside(CodeType type, String rest) {
        CodeType at = type;
        for (String part : rest.split("\\.")) {
            CodeType next = nested(at, part);
            if (next == null) {
                return at.external() ? index.outside(type.qualifiedName() + "." + rest) : null;
            }
            at = next;
        }
        return at;
    }

    private CodeType simple(String name, From from) {
        for (CodeType type = from.type(); type != null; type = type.outer()) {
            CodeType found = type.name().equals(name) && !type.anonymous()
                    ? type
                    : declarer.localTypes(type).get(name);
            if (found == null) {
                found = nested(type, name);
            }
            if (found != null) {
                return found;
            }
        }
        return from.file().type(name);
    }

    /** A type nested in this one or in one above it; null when there is none. */
    CodeType nested(CodeType type, String name) {
        CodeType own = ownNested(type, name);
        if (own != null) {
            return own;
        }
        for (CodeType above : supertypes.above(type)) {
            CodeType found = ownNested(above, name);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private CodeType ownNested(CodeType type, String name) {
        if (type.external()) {
            return index.qualified(type.qualifiedName() + "." + name);
        }
        for (CodeType nested : type.nested()) {
            if (nested.name().equals(name) && !nested.anonymous()) {
                return nested;
            }
        }
        return null;
    }
}
