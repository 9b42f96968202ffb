package dev.huella.core.resolve;

import dev.huella.core.facts.TypeText;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Gives written type names their meaning: variables, nesting, inheritance, imports, package, then outside. */
final class TypeNames {
    private final TypeIndex index;
    private final TypeDeclarer declarer;
    private final Supertypes supertypes;
    private final Consumer<CodeType> slots;

    TypeNames(TypeIndex index, TypeDeclarer declarer, Supertypes supertypes, Consumer<CodeType> slots) {
        this.index = index;
        this.declarer = declarer;
        this.supertypes = supertypes;
        this.slots = slots;
    }

    /** A field or parameter. */
    record Slot(String name, SourceSpan at) {}

    /**
     * Where a name is looked up from.
     *
     * @param variables those of the operation
     * @param namespace the one around, with or without a dot at its end
     * @param slot the field or parameter whose type is read; null for other types
     */
    record From(FileScope file, CodeType type, Map<String, TypeVariable> variables, String namespace, Slot slot) {
        From {
            namespace = namespace.endsWith(".") ? namespace.substring(0, namespace.length() - 1) : namespace;
        }

        From(FileScope file, CodeType type, Map<String, TypeVariable> variables) {
            this(file, type, variables, type == null || type.external() ? file.facts().namespace() : type.namespace());
        }

        From(FileScope file, CodeType type, Map<String, TypeVariable> variables, String namespace) {
            this(file, type, variables, namespace, null);
        }

        /** Of the languages only Java has none of what is asked for: properties, functions of files, duck typing, names with dots. */
        boolean isJava() {
            return file.facts().language().equals("java");
        }

        From at(String name, SourceSpan place) {
            return new From(file, type, variables, namespace, new Slot(name, place));
        }
    }

    TypeUse use(TypeText text, From from) {
        if (text == null) {
            return TypeUse.UNKNOWN;
        }
        TypeUse use = use(text.present(), from, 0);
        boolean brackets = use.dimensions() > 0; // the text of an array is that of its elements
        return text.written() == null || brackets || use.isUnknown() || use.type() == null && use.variable() == null
                ? use
                : new TypeUse(text.written(), use.type(), use.variable(), use.arguments(), use.dimensions());
    }

    private TypeUse use(TypeText text, From from, int aliases) {
        if (text.isOptional()) {
            return use(text.present(), from, aliases);
        }
        if (text.name().equals("?")) {
            return TypeUse.UNKNOWN.array(text.dimensions());
        }
        LibraryKnowledge library = index.library();
        if (library.primitive(text.name()) && !isOwn(text.name(), from) || text.name().contains(" | ")) {
            return TypeUse.primitive(text.name()).array(text.dimensions());
        }
        if (text.isFunction()) {
            CodeType own = text.written() != null && text.written().matches("\\w+")
                    ? known(text.written(), from)
                    : null;
            return own != null && !own.external()
                    ? new TypeUse(text.written(), own, null, List.of(), text.dimensions())
                    : function(text, from, aliases);
        }
        if (text.name().equals(TypeText.TOGETHER)) {
            return new TypeUse(shown(text), null, null,
                    text.arguments().stream().map(argument -> use(argument, from, aliases)).toList(),
                    text.dimensions());
        }
        if (text.name().equals(TypeText.EITHER)) {
            return widest(text.arguments().stream().map(argument -> use(argument, from, aliases)).toList())
                    .array(text.dimensions());
        }
        TypeVariable variable = variable(text.name(), from);
        if (variable != null) {
            return new TypeUse(text.name(), null, variable, List.of(), text.dimensions());
        }
        CodeType type = known(text.name(), text.arguments().size(), from);
        if (type == null || type.external()) {
            TypeText meant = aliases > 8 ? null : meant(text.name(), from);
            if (meant != null && !meant.name().equals(text.name())) {
                return use(meant, from, aliases + 1).array(text.dimensions());
            }
        }
        List<TypeUse> arguments = text.arguments().stream().map(argument -> use(argument, from, aliases)).toList();
        return new TypeUse(shown(text),
                type == null ? index.outside(outside(text)) : type,
                null, arguments, text.dimensions());
    }

    /** The one of which all others are kinds; unknown when there is none. */
    private TypeUse widest(List<TypeUse> all) {
        return all.stream()
                .filter(wide -> wide.type() != null && all.stream()
                        .allMatch(one -> one.type() != null && one.dimensions() == wide.dimensions()
                                && supertypes.isA(one.type(), wide.type())))
                .findFirst()
                .orElse(TypeUse.UNKNOWN);
    }

    /**
     * What a name stands for: one that the types around declare comes before one of the file. Where only what stands before its
     * last dot is another name, the rest is looked for in what that means. Null when it stands for nothing else.
     */
    private TypeText meant(String name, From from) {
        int dot = name.lastIndexOf('.');
        String last = name.substring(dot + 1);
        if (dot > 0) {
            String first = name.substring(0, dot);
            TypeText inside = from.file().alias(first.substring(first.lastIndexOf('.') + 1) + "." + last);
            TypeText of = inside == null ? meant(first, from) : null;
            boolean wider = of != null && !of.isFunction() && !(of.name() + "." + last).equals(name);
            return inside != null
                    ? inside
                    : wider ? new TypeText(of.name() + "." + last, List.of(), 0) : from.file().alias(last);
        }
        if (!index.mayBeAlias(name)) {
            return null;
        }
        for (CodeType type = from.type(); type != null; type = type.outer()) {
            TypeText own = from.file().alias(type.name() + "." + name);
            for (CodeType above : own == null ? supertypes.above(type) : List.<CodeType>of()) {
                own = own == null ? from.file().alias(above.name() + "." + name) : own;
            }
            if (own != null) {
                return own;
            }
        }
        return from.file().alias(name);
    }

    /**
     * A type of the sources comes before one of the library that everybody knows by that name. One that stands in no namespace
     * may be the library's own, opened again.
     */
    private boolean isOwn(String name, From from) {
        CodeType own = Character.isUpperCase(name.charAt(0)) ? known(name, from) : null;
        return own != null && !own.external() && own.qualifiedName().indexOf('.') > 0;
    }

    /** As written; of an array, what its elements are. */
    private static String shown(TypeText text) {
        return withoutCounts(
                (text.dimensions() == 0 ? text : new TypeText(text.name(), text.arguments(), 0)).toString());
    }

    private static String outside(TypeText text) {
        return withoutCounts(text.name().startsWith(".") ? text.name().substring(1) : text.name());
    }

    /** A function's type is an interface of one operation, made for the place where it is asked for. */
    private TypeUse function(TypeText text, From from, int aliases) {
        List<TypeUse> parts = text.arguments().stream().map(argument -> use(argument, from, aliases)).toList();
        TypeUse result = parts.isEmpty() ? TypeUse.UNKNOWN : parts.getLast();
        List<TypeUse> parameters = parts.isEmpty() ? List.of() : parts.subList(0, parts.size() - 1);
        CodeType type = Shapes.function(parameters, result, from);
        if (from.slot() != null && from.type() != null) {
            slots.accept(type);
        }
        return new TypeUse(shown(text), type, null, List.of(), text.dimensions());
    }

    private TypeVariable variable(String name, From from) {
        TypeVariable own = from.variables().get(name);
        if (own != null) {
            return own;
        }
        for (CodeType type = from.type(); type != null; type = type.outer()) {
            TypeVariable found = named(name, type.variables());
            found = found == null ? named(name, declarer.around(type)) : found;
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private static TypeVariable named(String name, List<TypeVariable> among) {
        for (TypeVariable variable : among) {
            if (variable.name().equals(name)) {
                return variable;
            }
        }
        return null;
    }

    /** Never null: what is not known is taken to be outside, under the name that the imports or the text give it. */
    CodeType type(String written, From from) {
        CodeType known = known(written, from);
        return known != null ? known : index.outside(written.startsWith(".") ? written.substring(1) : written);
    }

    /** True for a type of which only the name is known. */
    boolean isBare(CodeType type) {
        return index.isBare(type);
    }

    /** Null when no type of that name is known. What stands before a dot may say how many type arguments it has. */
    CodeType known(String written, From from) {
        return known(written, 0, from);
    }

    private CodeType known(String written, int arguments, From from) {
        int dot = written.indexOf('.');
        if (dot < 0) {
            int tick = written.indexOf(TypeText.COUNT);
            return tick < 0
                    ? index.counted(simple(written, from), arguments)
                    : known(written.substring(0, tick), TypeText.counted(written), from);
        }
        return index.counted(dotted(written, from), arguments);
    }

    private CodeType dotted(String written, From from) {
        int dot = written.indexOf('.');
        if (dot == 0) {
            return index.qualified(written.substring(1));
        }
        CodeType module = from.file().throughModule(written);
        if (module != null) {
            return module;
        }
        CodeType first = known(written.substring(0, dot), from);
        if (first != null) {
            CodeType found = inside(first, withoutCounts(written.substring(dot + 1)));
            if (found != null || !first.external()) {
                return found != null ? found : relative(withoutCounts(written), from);
            }
        }
        return relative(withoutCounts(written), from);
    }

    private static String withoutCounts(String written) {
        return written.indexOf(TypeText.COUNT) < 0 ? written : written.replaceAll(TypeText.COUNT + "\\d+", "");
    }

    /** A name with dots, looked for from the namespace around outwards. */
    private CodeType relative(String written, From from) {
        if (!from.isJava()) {
            for (String around = from.namespace(); !around.isEmpty(); around = around.substring(0,
                    Math.max(0, around.lastIndexOf('.')))) {
                CodeType found = index.source(around + "." + written);
                if (found != null) {
                    return found;
                }
            }
        }
        CodeType found = index.qualified(written);
        return found == null || found.external() ? from.file().inImported(written, found) : found;
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
        CodeType found = from.file().type(name, from.namespace());
        CodeType own = from.type(); // an object written in place is known to itself by the name of what holds it
        return found == null && own != null && own.anonymous() && own.name().equals(name) ? own : found;
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
