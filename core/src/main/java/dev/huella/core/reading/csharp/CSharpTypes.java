package dev.huella.core.reading.csharp;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads heads of types, and types as they are written. */
final class CSharpTypes {
    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);
    private static final Set<String> TYPES = Set.of("class_declaration", "interface_declaration", "struct_declaration",
            "record_declaration", "record_struct_declaration", "enum_declaration", "delegate_declaration");

    private CSharpTypes() {}

    static boolean isType(SyntaxNode node) {
        return TYPES.contains(node.kind());
    }

    /** A type; {@code outer} is the kind of the one around it, or null. */
    static TypeParts declared(SyntaxNode node, TypeKind outer) {
        boolean struct = node.tokens().stream().anyMatch(token -> token.is("struct"));
        TypeKind kind = switch (node.kind()) {
            case "interface_declaration" -> TypeKind.INTERFACE;
            case "enum_declaration" -> TypeKind.ENUM;
            case "delegate_declaration" -> TypeKind.FUNCTION;
            case "record_declaration", "record_struct_declaration" -> TypeKind.RECORD;
            default -> struct ? TypeKind.STRUCT : TypeKind.CLASS;
        };
        SyntaxNode name = node.child("name");
        var parts = new TypeParts(kind, name == null ? "" : name.text());
        Modifiers modifiers = modifiers(node, outer == null
                ? Visibility.PACKAGE
                : outer == TypeKind.INTERFACE
                        ? Visibility.PUBLIC
                        : Visibility.PRIVATE);
        parts.typeParameters().addAll(typeParameters(node));
        if (kind == TypeKind.FUNCTION) {
            parts.operations()
                    .add(new OperationDeclared(Value.APPLY, Kind.OPERATION, PUBLIC.with(Mark.ABSTRACT),
                            List.of(), CSharpMembers.parameters(node.child("parameters")), type(node.child("type")),
                            null,
                            List.of(), node.span()));
            return parts.modifiers(modifiers.with(Mark.ABSTRACT));
        }
        bases(node, parts, kind);
        PrimaryConstructor primary = PrimaryConstructor.of(node, parts, kind == TypeKind.RECORD);
        new CSharpMembers(parts, primary).members(node.child("body"));
        if (primary != null) {
            primary.add();
        }
        if (word(node, "partial")) {
            parts.standing(Standing.PART);
        } else if (outer != null && isForAnother(node)) {
            parts.standing(Standing.EXTENSION);
        }
        if (kind == TypeKind.STRUCT) {
            modifiers = modifiers.with(Mark.FINAL);
        }
        return parts.modifiers(kind == TypeKind.INTERFACE ? modifiers.with(Mark.ABSTRACT) : modifiers);
    }

    private static void bases(SyntaxNode node, TypeParts into, TypeKind kind) {
        SyntaxNode list = node.first("base_list");
        if (list == null || kind == TypeKind.ENUM) {
            return;
        }
        for (SyntaxNode base : list.children()) {
            if (base.is("argument_list")) {
                continue;
            }
            TypeText type = type(base.is("primary_constructor_base_type") ? base.child("type") : base);
            if (type != null) {
                into.extended().add(type);
            }
        }
    }

    /** As the masks write it, without base or another modifier; other types called new hide an inherited one. */
    private static boolean isForAnother(SyntaxNode node) {
        return word(node, "new") && node.first("base_list") == null
                && node.children().stream().filter(child -> child.is("modifier")).count() == 1;
    }

    static boolean word(SyntaxNode node, String word) {
        return node.children().stream().anyMatch(child -> child.is("modifier") && child.text().equals(word));
    }

    static Modifiers modifiers(SyntaxNode node, Visibility usual) {
        Modifiers modifiers = Modifiers.of(usual);
        for (SyntaxNode child : node.children()) {
            if (!child.is("modifier")) {
                continue;
            }
            modifiers = switch (child.text()) {
                case "public" -> modifiers.with(Visibility.PUBLIC);
                case "protected" -> modifiers.with(Visibility.PROTECTED);
                case "private" -> modifiers.with(Visibility.PRIVATE);
                case "internal" -> modifiers.visibility() == Visibility.PROTECTED
                        ? modifiers
                        : modifiers.with(Visibility.PACKAGE);
                case "static" -> modifiers.with(Mark.STATIC);
                case "abstract" -> modifiers.with(Mark.ABSTRACT);
                case "sealed", "readonly" -> modifiers.with(Mark.FINAL);
                case "const" -> modifiers.with(Mark.STATIC).with(Mark.FINAL);
                case "override" -> modifiers.with(Mark.OVERRIDE);
                case "volatile" -> modifiers.with(Mark.VOLATILE);
                default -> modifiers;
            };
        }
        return modifiers;
    }

    static List<TypeParameterDeclared> typeParameters(SyntaxNode node) {
        SyntaxNode list = node.child("type_parameters") != null
                ? node.child("type_parameters")
                : node.first("type_parameter_list");
        List<TypeParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode name = child.child("name");
            if (name != null) {
                found.add(new TypeParameterDeclared(name.text(), bounds(node, name.text())));
            }
        }
        return found;
    }

    private static List<TypeText> bounds(SyntaxNode node, String parameter) {
        List<TypeText> found = new ArrayList<>();
        for (SyntaxNode clause : node.children()) {
            if (clause.is("type_parameter_constraints_clause") && !clause.children().isEmpty()
                    && clause.children().getFirst().text().equals(parameter)) {
                for (SyntaxNode bound : clause.children()) {
                    TypeText type = bound.is("type_parameter_constraint") ? type(bound.child("type")) : null;
                    if (type != null) {
                        found.add(type);
                    }
                }
            }
        }
        return found;
    }

    /** Null for {@code var} and for nothing. */
    static TypeText type(SyntaxNode node) {
        if (node == null) {
            return null;
        }
        return switch (node.kind()) {
            case "implicit_type", "pointer_type", "function_pointer_type" -> null;
            case "nullable_type" -> TypeText.optional(type(node.child("type") != null
                    ? node.child("type")
                    : node.children().getFirst()));
            case "array_type" -> {
                TypeText element = type(node.child("type"));
                yield element == null ? null : element.array(1);
            }
            case "tuple_type" -> TypeText.together(
                    node.children().stream().map(element -> type(element.child("type"))).toList());
            case "ref_type", "scoped_type" -> type(node.children().getLast());
            case "generic_name" -> generic(node, "");
            case "qualified_name", "alias_qualified_name" -> qualified(node);
            default -> TypeText.of(node.text().replaceAll("\\s", ""));
        };
    }

    private static TypeText qualified(SyntaxNode node) {
        SyntaxNode name = node.child("name");
        SyntaxNode qualifier = node.child("qualifier");
        String prefix = qualifier == null ? "" : counted(qualifier) + ".";
        if (name != null && name.text().equals("Enumerator") && qualifier != null && qualifier.is("generic_name")) {
            return new TypeText(name.text(), generic(qualifier, "").arguments(), 0); // of a collection of the library
        }
        return name != null && name.is("generic_name")
                ? generic(name, prefix)
                : TypeText.of(prefix + (name == null ? "" : name.text()));
    }

    /** A name, with the number of its type arguments where it has any. */
    static String counted(SyntaxNode name) {
        if (name.is("qualified_name") && name.child("qualifier") != null && name.child("name") != null) {
            return counted(name.child("qualifier")) + "." + counted(name.child("name"));
        }
        SyntaxNode list = name.is("generic_name") ? name.first("type_argument_list") : null;
        return list == null
                ? name.text().replaceAll("\\s|<.*", "").replace("global::", "")
                : name.children().getFirst().text() + TypeText.COUNT + list.children().size();
    }

    private static TypeText generic(SyntaxNode node, String prefix) {
        SyntaxNode first = node.first("identifier");
        String name = first == null ? node.text() : first.text();
        SyntaxNode list = node.first("type_argument_list");
        List<TypeText> arguments = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            TypeText type = type(child);
            arguments.add(type == null ? TypeText.of("?") : type);
        }
        if (arguments.isEmpty()) {
            return TypeText.of(prefix + name);
        }
        return switch (name) {
            case "Action" -> TypeText.function(arguments, null);
            case "Func", "Converter" ->
                TypeText.function(arguments.subList(0, arguments.size() - 1), arguments.getLast());
            case "Predicate" -> TypeText.function(arguments, TypeText.of("bool"));
            case "EventHandler" -> TypeText.function(List.of(TypeText.of("object"), arguments.getFirst()), null);
            default -> new TypeText(prefix + name, arguments, 0);
        };
    }

    /** The type of a field, in which the library's own names for functions count as functions. */
    static TypeText held(SyntaxNode node) {
        TypeText type = held(type(node));
        return node == null ? type : TypeText.as(type, node.text());
    }

    private static TypeText held(TypeText type) {
        if (type == null || type.present().isFunction()) {
            return type;
        }
        TypeText present = type.present();
        TypeText function = switch (present.arguments().isEmpty() ? present.name() : "") {
            case "Action" -> TypeText.function(List.of(), null);
            case "EventHandler" -> TypeText.function(List.of(TypeText.of("object"), TypeText.of("EventArgs")), null);
            default -> null;
        };
        TypeText held = function != null
                ? TypeText.as(function, present.name()).array(present.dimensions())
                : new TypeText(present.name(), present.arguments().stream().map(CSharpTypes::held).toList(),
                        present.dimensions(), present.written());
        return type.isOptional() ? TypeText.optional(held) : held;
    }
}
