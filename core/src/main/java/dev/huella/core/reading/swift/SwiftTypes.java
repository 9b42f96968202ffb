package dev.huella.core.reading.swift;

import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.TypeDeclared;
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

/** Reads heads of types and extensions, modifiers, and types as they are written. */
final class SwiftTypes {
    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);

    private SwiftTypes() {}

    /** Children, with those of unreadable stretches among them taken as if they stood there. */
    static List<SyntaxNode> flat(SyntaxNode node) {
        List<SyntaxNode> found = new ArrayList<>();
        for (SyntaxNode child : node == null ? List.<SyntaxNode>of() : node.children()) {
            if (child.is("ERROR")) {
                found.addAll(flat(child));
            } else {
                found.add(child);
            }
        }
        return found;
    }

    /** Types that a protocol leaves open are as good as its parameters. */
    private static void associated(SyntaxNode body, TypeParts into) {
        for (SyntaxNode member : flat(body)) {
            SyntaxNode name = member.is("associatedtype_declaration") ? member.child("name") : null;
            if (name != null) {
                List<SyntaxNode> parts = member.children();
                boolean bound = parts.size() > 1 && parts.get(1).is("user_type")
                        && member.text().matches("(?s)associatedtype\\s+\\w+\\s*:.*");
                TypeText above = bound ? type(parts.get(1)) : null;
                into.typeParameters()
                        .add(new TypeParameterDeclared(name.text(), above == null ? List.of() : List.of(above)));
            }
        }
    }

    static TypeDeclared declared(SyntaxNode node, List<AliasSeen> aliases) {
        SyntaxNode word = node.child("declaration_kind");
        String kind = node.is("protocol_declaration") ? "protocol" : word == null ? "class" : word.kind();
        SyntaxNode name = node.child("name");
        TypeText named = name == null ? TypeText.of("") : type(name);
        var parts = new TypeParts(switch (kind) {
            case "protocol" -> TypeKind.PROTOCOL;
            case "struct" -> TypeKind.STRUCT;
            case "enum" -> TypeKind.ENUM;
            default -> TypeKind.CLASS;
        }, named == null ? "" : named.name());
        parts.typeParameters().addAll(typeParameters(node));
        boolean extension = kind.equals("extension");
        boolean base = kind.equals("class") || kind.equals("protocol"); // others, and all behind the first, are promises
        for (SyntaxNode child : node.children()) {
            TypeText above = child.is("inheritance_specifier") ? type(child.child("inherits_from")) : null;
            if (above != null) {
                if (!above.name().equals("AnyObject")) {
                    (base ? parts.extended() : parts.realised()).add(above);
                }
                base = kind.equals("protocol");
            }
        }
        if (extension) {
            parts.standing(Standing.EXTENSION);
        }
        SyntaxNode body = node.child("body");
        if (parts.kind() == TypeKind.PROTOCOL) {
            associated(body, parts);
        }
        var members = new SwiftMembers(parts, aliases, false);
        flat(body).forEach(members::member);
        if (kind.equals("struct")) {
            members.memberwise(node);
        }
        Modifiers modifiers = modifiers(node);
        if (parts.kind() == TypeKind.PROTOCOL) {
            modifiers = modifiers.with(Mark.ABSTRACT);
        } else if (parts.kind() != TypeKind.CLASS) {
            modifiers = modifiers.with(Mark.FINAL);
        }
        return parts.modifiers(modifiers).at(node);
    }

    static Modifiers modifiers(SyntaxNode node) {
        Modifiers modifiers = Modifiers.of(Visibility.PACKAGE);
        SyntaxNode list = node.first("modifiers");
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            String text = child.text();
            if (child.is("visibility_modifier") && text.contains("(")) {
                continue; // a narrower right to set says nothing about reading
            }
            modifiers = switch (text) {
                case "public", "open", "package" -> modifiers.with(Visibility.PUBLIC);
                case "private", "fileprivate" -> modifiers.with(Visibility.PRIVATE);
                case "static", "class" -> modifiers.with(Mark.STATIC);
                case "final" -> modifiers.with(Mark.FINAL);
                case "override" -> modifiers.with(Mark.OVERRIDE);
                case "lazy" -> modifiers.with(Mark.LAZY);
                case "weak", "unowned" -> modifiers.with(Mark.WEAK);
                default -> modifiers;
            };
        }
        return node.tokens().stream().anyMatch(token -> token.is("class") && token.field() == null)
                && !node.is("class_declaration") ? modifiers.with(Mark.STATIC) : modifiers;
    }

    static List<TypeParameterDeclared> typeParameters(SyntaxNode node) {
        SyntaxNode list = node.first("type_parameters");
        List<TypeParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode name = child.first("type_identifier");
            if (name != null) {
                TypeText bound = type(child.child("name"));
                found.add(new TypeParameterDeclared(name.text(), bound == null || bound.name().equals(name.text())
                        ? List.of()
                        : List.of(bound)));
            }
        }
        return found;
    }

    static boolean isTypeNode(SyntaxNode node) {
        return switch (node.kind()) {
            case "user_type", "optional_type", "array_type", "dictionary_type", "tuple_type", "function_type",
                    "opaque_type", "existential_type", "protocol_composition_type", "metatype",
                    "implicitly_unwrapped_type", "type_annotation" ->
                true;
            default -> false;
        };
    }

    /** Null for nothing and for types that name no single one. */
    static TypeText type(SyntaxNode node) {
        if (node == null) {
            return null;
        }
        List<SyntaxNode> children = node.children();
        return switch (node.kind()) {
            case "type_annotation" -> {
                TypeText type = children.stream()
                        .filter(SwiftTypes::isTypeNode)
                        .map(SwiftTypes::type)
                        .filter(one -> one != null)
                        .findFirst()
                        .orElse(null);
                yield TypeText.as(node.text().endsWith("!") ? TypeText.optional(type) : type,
                        node.text().replaceFirst("^:", ""));
            }
            case "optional_type", "implicitly_unwrapped_type" -> TypeText.optional(type(children.isEmpty()
                    ? null
                    : children.getFirst()));
            case "array_type" -> {
                TypeText element = children.isEmpty() ? null : type(children.getFirst());
                yield (element == null ? TypeText.of("?") : element).array(1);
            }
            case "dictionary_type" -> new TypeText("Dictionary", children.stream()
                    .map(SwiftTypes::type)
                    .map(one -> one == null ? TypeText.of("?") : one)
                    .toList(), 0);
            case "tuple_type" -> children.size() == 1
                    ? type(children.getFirst())
                    : children.isEmpty()
                            ? TypeText.of("Void")
                            : TypeText.together(children.stream().map(SwiftTypes::type).toList());
            case "tuple_type_item", "opaque_type", "existential_type", "protocol_composition_type" -> children.stream()
                    .filter(SwiftTypes::isTypeNode)
                    .findFirst()
                    .map(SwiftTypes::type)
                    .orElse(null);
            case "function_type" -> function(node);
            case "user_type" -> user(node);
            case "type_identifier", "simple_identifier" -> TypeText.of(node.text());
            default -> null;
        };
    }

    private static TypeText function(SyntaxNode node) {
        List<TypeText> parameters = new ArrayList<>();
        SyntaxNode list = node.child("params");
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            TypeText type = type(child);
            parameters.add(type == null ? TypeText.of("?") : type);
        }
        TypeText result = type(node.children().getLast());
        return TypeText.function(parameters, result == null || result.name().equals("Void") ? null : result);
    }

    private static TypeText user(SyntaxNode node) {
        var name = new StringBuilder();
        List<TypeText> arguments = new ArrayList<>();
        for (SyntaxNode part : node.children()) {
            if (part.is("type_identifier") && !(part.text().equals("Type") && !name.isEmpty())) { // the type itself
                name.append(name.isEmpty() ? "" : ".").append(part.text());
            } else if (part.is("type_arguments")) {
                arguments.clear();
                for (SyntaxNode one : part.children()) {
                    TypeText type = type(one);
                    arguments.add(type == null ? TypeText.of("?") : type);
                }
            }
        }
        if (arguments.size() == 1 && name.toString().equals("Array")) {
            return arguments.getFirst().array(1);
        }
        return arguments.size() == 1 && name.toString().equals("Optional")
                ? TypeText.optional(arguments.getFirst())
                : new TypeText(name.toString(), arguments, 0);
    }

    /** A name for a function's type is a type of one operation, which is returned; others are noted; else null. */
    static TypeDeclared alias(SyntaxNode node, List<AliasSeen> aliases) {
        List<SyntaxNode> parts = node.children();
        SyntaxNode name = node.first("type_identifier");
        TypeText meant = parts.isEmpty() ? null : type(parts.getLast());
        if (name == null || meant == null) {
            return null;
        }
        if (!meant.isFunction()) {
            aliases.add(new AliasSeen(name.text(), meant));
            return null;
        }
        var type = new TypeParts(TypeKind.FUNCTION, name.text());
        List<ParameterDeclared> parameters = new ArrayList<>();
        for (int i = 0; i < meant.arguments().size() - 1; i++) {
            parameters.add(new ParameterDeclared("p" + i, meant.arguments().get(i)));
        }
        type.operations()
                .add(new OperationDeclared(Value.APPLY, Kind.OPERATION, PUBLIC.with(Mark.ABSTRACT),
                        List.of(), parameters, meant.arguments().getLast(), null, List.of(), node.span()));
        return type.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
    }
}
