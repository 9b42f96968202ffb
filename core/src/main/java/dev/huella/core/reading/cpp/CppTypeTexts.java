package dev.huella.core.reading.cpp;

import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.SyntaxNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Reads types as they are written. What points or refers to a type counts as that type; pointers and what wraps one
 * may hold nothing.
 */
final class CppTypeTexts {
    private static final Set<String> POINTERS = Set.of("unique_ptr", "shared_ptr", "weak_ptr", "optional", "QPointer",
            "QSharedPointer", "QScopedPointer", "scoped_ptr", "intrusive_ptr", "auto_ptr", "observer_ptr");
    private static final Set<String> REFERENCES = Set.of("reference_wrapper", "not_null", "atomic");
    private static final Set<String> OWNING = Set.of("unique_ptr", "scoped_ptr", "QScopedPointer", "optional");

    /** What every container calls its parts: types that their values tell better. */
    private static final Set<String> OF_CONTAINERS = Set.of("iterator", "const_iterator", "reverse_iterator",
            "const_reverse_iterator", "size_type", "difference_type", "value_type", "key_type", "mapped_type");

    private CppTypeTexts() {}

    /** Null for {@code auto} and for nothing. */
    static TypeText type(SyntaxNode node) {
        if (node == null) {
            return null;
        }
        return switch (node.kind()) {
            case "placeholder_type_specifier", "auto", "decltype" -> null;
            case "type_descriptor" -> declared(type(node.child("type")), node.child("declarator"));
            case "template_type" -> template(node, "");
            case "qualified_identifier" -> qualified(node);
            case "class_specifier", "struct_specifier", "enum_specifier", "union_specifier", "dependent_type",
                    "template_function" ->
                node.child("name") != null
                        ? type(node.child("name"))
                        : node.children().isEmpty()
                                ? null
                                : type(node.children().getFirst());
            case "sized_type_specifier" -> TypeText.of(node.text().replaceAll("\\s+", " "));
            default -> TypeText.of(node.text().replaceAll("\\s", "").replace("::", "."));
        };
    }

    private static TypeText qualified(SyntaxNode node) {
        String prefix = "";
        SyntaxNode at = node;
        while (at.is("qualified_identifier") && at.child("name") != null) {
            SyntaxNode scope = at.child("scope");
            prefix += scope == null ? "" : plain(scope.text()) + ".";
            at = at.child("name");
        }
        if (at.is("template_type") || at.is("template_function")) {
            return template(at, prefix);
        }
        return OF_CONTAINERS.contains(at.text()) ? null : TypeText.of(prefix + at.text());
    }

    /** Without template arguments, dots between parts. */
    static String plain(String name) {
        return name.replaceAll("(?s)<.*>", "").replaceAll("\\s", "").replace("::", ".");
    }

    private static TypeText template(SyntaxNode node, String prefix) {
        String name = node.child("name").text();
        List<TypeText> arguments = new ArrayList<>();
        SyntaxNode list = node.child("arguments");
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            TypeText type = child.is("type_descriptor") ? type(child) : TypeText.of("?");
            arguments.add(type == null ? TypeText.of("?") : type);
        }
        if (arguments.isEmpty()) {
            return TypeText.of(prefix + name);
        }
        if (POINTERS.contains(name)) {
            return TypeText.optional(arguments.getFirst());
        }
        if (REFERENCES.contains(name)) {
            return arguments.getFirst();
        }
        if (name.equals("function") || name.equals("move_only_function") || name.equals("function_ref")) {
            return arguments.getFirst();
        }
        return new TypeText(prefix + name, arguments, 0);
    }

    static List<TypeText> parameterTypes(SyntaxNode list) {
        List<TypeText> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            TypeText type = declared(type(child.child("type")), child.child("declarator"));
            found.add(type == null ? TypeText.of("?") : type);
        }
        return found;
    }

    /** The type that a declaration gives to one of its declarators, with what stands before it. */
    static TypeText of(SyntaxNode declaration, SyntaxNode declarator) {
        SyntaxNode written = declaration.child("type");
        TypeText type = declared(written, declarator);
        boolean constant = written != null && declaration.children()
                .stream()
                .anyMatch(child -> child.is("type_qualifier") && child.text().equals("const")
                        && child.start() < written.start());
        return constant && type != null ? TypeText.as(type, "const " + type) : type;
    }

    static TypeText declared(SyntaxNode written, SyntaxNode declarator) {
        TypeText type = declared(type(written), declarator);
        if (type == null || written == null || type.isFunction() && written.is("primitive_type")) {
            return type;
        }
        var text = new StringBuilder(written.child("body") != null && written.child("name") != null
                ? written.child("name").text()
                : written.text());
        for (SyntaxNode at = declarator; at != null;) {
            text.append(switch (at.kind()) {
                case "pointer_declarator", "abstract_pointer_declarator" -> "*";
                case "reference_declarator", "abstract_reference_declarator" -> at.text().startsWith("&&") ? "&&" : "&";
                case "array_declarator" -> "[]";
                default -> "";
            });
            at = inner(at);
        }
        return TypeText.as(type, text.toString());
    }

    /** The type with what its declarator adds: pointers, arrays, parameters of a function that is pointed to. */
    static TypeText declared(TypeText base, SyntaxNode declarator) {
        TypeText type = base;
        for (SyntaxNode at = declarator; at != null;) {
            switch (at.kind()) {
                case "pointer_declarator", "abstract_pointer_declarator", "pointer_type_declarator" ->
                    type = TypeText.optional(type);
                case "array_declarator", "abstract_array_declarator" ->
                    type = type == null ? null : type.present().array(1);
                case "function_declarator" -> {
                    SyntaxNode inner = at.child("declarator");
                    if (inner != null && inner.is("parenthesized_declarator")) {
                        return TypeText.function(parameterTypes(at.child("parameters")), base);
                    }
                }
                case "abstract_function_declarator" -> {
                    return TypeText.function(parameterTypes(at.child("parameters")), base);
                }
                default -> {
                    // references change nothing
                }
            }
            at = inner(at);
        }
        return type;
    }

    /** The declarator in another; null for the innermost. The grammar does not mark the one in a reference. */
    private static SyntaxNode inner(SyntaxNode declarator) {
        SyntaxNode next = declarator.child("declarator");
        boolean reference = declarator.is("reference_declarator") || declarator.is("abstract_reference_declarator");
        return next == null && reference && !declarator.children().isEmpty() ? declarator.children().getLast() : next;
    }

    /** The innermost name of a declarator; null when it has none. */
    static SyntaxNode name(SyntaxNode declarator) {
        SyntaxNode at = declarator;
        while (at != null) {
            switch (at.kind()) {
                case "identifier", "field_identifier", "qualified_identifier", "destructor_name", "operator_name",
                        "type_identifier", "template_function", "operator_cast", "structured_binding_declarator" -> {
                    return at;
                }
                default -> {
                    SyntaxNode next = at.child("declarator");
                    at = next != null ? next : at.children().isEmpty() ? null : at.children().getLast();
                }
            }
        }
        return null;
    }

    /** The part of a declarator that declares a function; null for variables and for pointers to functions. */
    static SyntaxNode function(SyntaxNode declarator) {
        for (SyntaxNode at = declarator; at != null;) {
            if (at.is("function_declarator")) {
                SyntaxNode inner = at.child("declarator");
                return inner != null && inner.is("parenthesized_declarator") ? null : at;
            }
            if (at.is("operator_cast")) {
                return at;
            }
            at = inner(at);
        }
        return null;
    }

    /** True when a field of that type and declarator is part of its holder: a value, or what one pointer alone owns. */
    static boolean owned(SyntaxNode type, SyntaxNode declarator) {
        for (SyntaxNode at = declarator; at != null; at = at.child("declarator")) {
            if (at.is("pointer_declarator") || at.is("reference_declarator")) {
                return false;
            }
        }
        return type != null && owned(type);
    }

    private static boolean owned(SyntaxNode type) {
        SyntaxNode at = type;
        while (at.is("qualified_identifier") && at.child("name") != null) {
            at = at.child("name");
        }
        if (at.is("type_descriptor")) {
            return at.child("declarator") == null && owned(at.child("type"));
        }
        if (!at.is("template_type")) {
            return !at.is("primitive_type");
        }
        String name = at.child("name").text();
        if (OWNING.contains(name)) {
            return true;
        }
        if (POINTERS.contains(name) || REFERENCES.contains(name) || name.equals("function")) {
            return false;
        }
        List<SyntaxNode> arguments = at.child("arguments") == null ? List.of() : at.child("arguments").children();
        return arguments.isEmpty() || owned(arguments.getLast());
    }
}
