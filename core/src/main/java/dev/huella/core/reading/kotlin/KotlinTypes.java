package dev.huella.core.reading.kotlin;

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
import java.util.Set;
import java.util.regex.Pattern;

/** Reads heads of types, modifiers, and types as they are written. */
final class KotlinTypes {
    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);
    private static final Set<String> TYPES = Set.of("class_declaration", "object_declaration", "companion_object");

    private static final Pattern ANNOTATION = Pattern.compile("@[\\w.:]+(\\([^()]*\\))?\\s*");

    private KotlinTypes() {}

    static boolean isType(SyntaxNode node) {
        return TYPES.contains(node.kind());
    }

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

    static TypeDeclared declared(SyntaxNode node, TypeKind outer) {
        boolean promises = has(node, "interface");
        boolean isEnum = has(node, "enum");
        TypeKind kind = promises
                ? TypeKind.INTERFACE
                : isEnum ? TypeKind.ENUM : node.is("class_declaration") ? TypeKind.CLASS : TypeKind.OBJECT;
        SyntaxNode name = node.first("type_identifier");
        var parts = new TypeParts(kind, name == null ? "Companion" : name.text());
        parts.typeParameters().addAll(typeParameters(node));
        var members = new KotlinMembers(parts, false);
        members.heads(node);
        members.members(node);
        Modifiers modifiers = modifiers(node, outer);
        if (promises) {
            modifiers = modifiers.with(Mark.ABSTRACT);
        } else if (kind == TypeKind.CLASS && !modifiers.has(Mark.ABSTRACT) && !modifiers.has(Mark.DEFAULT)) {
            modifiers = modifiers.with(Mark.FINAL);
        }
        return parts.modifiers(without(modifiers)).at(node);
    }

    /** The word that opens a type is no mark of the model. */
    private static Modifiers without(Modifiers modifiers) {
        Modifiers plain = Modifiers.of(modifiers.visibility());
        for (Mark mark : modifiers.marks()) {
            plain = mark == Mark.DEFAULT ? plain : plain.with(mark);
        }
        return plain;
    }

    private static boolean has(SyntaxNode node, String word) {
        return node.tokens().stream().anyMatch(token -> token.is(word));
    }

    /** Members for a type that is named, not declared. */
    static TypeDeclared extension(TypeText receiver, SyntaxNode node, List<SyntaxNode> siblings, int position) {
        var parts = new TypeParts(TypeKind.CLASS, receiver.present().name()).standing(Standing.EXTENSION)
                .modifiers(PUBLIC);
        new KotlinMembers(parts, false).member(node, siblings, position);
        return parts.at(node);
    }

    /** The type that a function or property outside types extends; null when it extends none. */
    static TypeText receiver(SyntaxNode node) {
        for (SyntaxNode child : node.children()) {
            switch (child.kind()) {
                case "user_type", "nullable_type", "receiver_type" -> {
                    return type(child);
                }
                case "simple_identifier", "variable_declaration", "multi_variable_declaration" -> {
                    return null;
                }
                default -> {
                    // modifiers and type parameters stand before
                }
            }
        }
        return null;
    }

    /** A name for a function's type is an interface of one operation. */
    static TypeDeclared named(String name, TypeText function, SyntaxNode node) {
        var parts = new TypeParts(TypeKind.FUNCTION, name);
        List<ParameterDeclared> parameters = new ArrayList<>();
        List<TypeText> all = function.arguments();
        for (int i = 0; i < all.size() - 1; i++) {
            parameters.add(new ParameterDeclared("p" + i, all.get(i)));
        }
        parts.operations()
                .add(new OperationDeclared(Value.APPLY, Kind.OPERATION, PUBLIC.with(Mark.ABSTRACT),
                        List.of(), parameters, all.getLast(), null, List.of(), node.span()));
        return parts.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
    }

    /** {@code DEFAULT} stands for the word that opens a member or type to subtypes. */
    static Modifiers modifiers(SyntaxNode node, TypeKind outer) {
        Modifiers modifiers = PUBLIC;
        SyntaxNode list = node.first("modifiers");
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            modifiers = switch (child.text()) {
                case "private" -> modifiers.with(Visibility.PRIVATE);
                case "protected" -> modifiers.with(Visibility.PROTECTED);
                case "internal" -> modifiers.with(Visibility.PACKAGE);
                case "abstract" -> modifiers.with(Mark.ABSTRACT);
                case "sealed" -> modifiers.with(Mark.ABSTRACT).with(Mark.SEALED);
                case "open" -> modifiers.with(Mark.DEFAULT);
                case "final", "const" -> modifiers.with(Mark.FINAL);
                case "override" -> modifiers.with(Mark.OVERRIDE);
                default -> modifiers;
            };
        }
        return outer == TypeKind.INTERFACE && modifiers.visibility() != Visibility.PRIVATE
                ? modifiers.with(Visibility.PUBLIC)
                : modifiers;
    }

    static List<TypeParameterDeclared> typeParameters(SyntaxNode node) {
        SyntaxNode list = node.first("type_parameters");
        List<TypeParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode name = child.first("type_identifier");
            if (name != null) {
                TypeText bound = child.children().size() > 1 ? type(child.children().getLast()) : null;
                boolean own = bound == null || bound.name().equals(name.text());
                found.add(new TypeParameterDeclared(name.text(), own ? List.of() : List.of(bound)));
            }
        }
        return found;
    }

    static boolean isTypeNode(SyntaxNode node) {
        return switch (node.kind()) {
            case "user_type", "nullable_type", "function_type", "parenthesized_type", "not_nullable_type" -> true;
            default -> false;
        };
    }

    /** The type written among a node's children; null when there is none. */
    static TypeText typeIn(SyntaxNode node) {
        for (SyntaxNode child : node.children()) {
            if (isTypeNode(child)) {
                return TypeText.as(type(child), ANNOTATION.matcher(child.text()).replaceAll(""));
            }
        }
        return null;
    }

    static TypeText type(SyntaxNode node) {
        if (node == null) {
            return null;
        }
        List<SyntaxNode> children = node.children();
        return switch (node.kind()) {
            case "nullable_type" -> children.isEmpty() ? null : TypeText.optional(type(children.getFirst()));
            case "parenthesized_type", "type_projection", "not_nullable_type", "receiver_type" -> children.stream()
                    .filter(KotlinTypes::isTypeNode)
                    .map(KotlinTypes::type)
                    .findFirst()
                    .orElse(TypeText.of("?"));
            case "function_type" -> function(node);
            case "user_type" -> user(node);
            case "type_identifier", "simple_identifier" -> TypeText.of(node.text());
            default -> null;
        };
    }

    private static TypeText function(SyntaxNode node) {
        List<TypeText> parameters = new ArrayList<>();
        SyntaxNode list = node.first("function_type_parameters");
        SyntaxNode inside = node.children().getFirst();
        if (!inside.is("function_type_parameters")) {
            TypeText object = type(inside.is("receiver_type") && !inside.children().isEmpty()
                    ? inside.children().getLast()
                    : inside); // the one that it is evaluated inside of
            parameters.add(object == null ? TypeText.of("?") : KotlinMasks.receiver(object));
        }
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            TypeText type = child.is("parameter") ? typeIn(child) : type(child);
            parameters.add(type == null ? TypeText.of("?") : type);
        }
        TypeText result = type(node.children().getLast());
        return TypeText.function(parameters, result == null || result.name().equals("Unit") ? null : result);
    }

    private static TypeText user(SyntaxNode node) {
        var name = new StringBuilder();
        List<TypeText> arguments = new ArrayList<>();
        for (SyntaxNode part : node.children()) {
            if (part.is("type_identifier")) {
                name.append(name.isEmpty() ? "" : ".").append(part.text());
            } else if (part.is("type_arguments")) {
                arguments.clear();
                for (SyntaxNode one : part.children()) {
                    TypeText type = type(one);
                    arguments.add(type == null ? TypeText.of("?") : type);
                }
            }
        }
        return name.toString().equals("Array") && arguments.size() == 1
                ? arguments.getFirst().array(1)
                : new TypeText(name.toString(), arguments, 0);
    }

    /** The type that a value says it has, in its own words; null when it says none. */
    static TypeText told(Value value) {
        return switch (value) {
            case Value.Cast(TypeText made, var _, var _) -> made;
            case Value.Create(TypeText made, var _, var body, var _) when body == null
                    && !made.arguments().isEmpty() ->
                made;
            case null, default -> null;
        };
    }
}
