package dev.huella.core.reading.java;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads type declarations: heads, nesting, and which members there are. */
final class JavaTypes {
    private static final Set<String> TYPES = Set.of("class_declaration", "interface_declaration", "enum_declaration",
            "record_declaration", "annotation_type_declaration");
    private final JavaMembers members = new JavaMembers(this);

    static boolean isType(SyntaxNode node) {
        return TYPES.contains(node.kind());
    }

    /** Children of a body, with those of unreadable stretches among them taken as if they stood there. */
    List<SyntaxNode> membersOf(SyntaxNode body) {
        if (body == null) {
            return List.of();
        }
        List<SyntaxNode> found = new ArrayList<>();
        for (SyntaxNode child : body.children()) {
            if (child.is("ERROR") || child.is("enum_body_declarations")) {
                found.addAll(membersOf(child));
            } else {
                found.add(child);
            }
        }
        return found;
    }

    /** A named type. {@code outer} is the kind of the type around it, or null. */
    TypeDeclared declared(SyntaxNode node, TypeKind outer) {
        TypeKind kind = switch (node.kind()) {
            case "interface_declaration", "annotation_type_declaration" -> TypeKind.INTERFACE;
            case "enum_declaration" -> TypeKind.ENUM;
            case "record_declaration" -> TypeKind.RECORD;
            default -> TypeKind.CLASS;
        };
        SyntaxNode name = node.child("name");
        var parts = new TypeParts(kind, name == null ? "" : name.text());
        parts.extended().addAll(JavaTypeTexts.types(node.child("superclass")));
        parts.extended().addAll(JavaTypeTexts.types(node.first("extends_interfaces")));
        parts.realised().addAll(JavaTypeTexts.types(node.child("interfaces")));
        parts.typeParameters().addAll(JavaTypeTexts.parameters(node.child("type_parameters")));
        if (kind == TypeKind.RECORD) {
            members.components(node, parts);
        }
        membersOf(node.child("body")).forEach(member -> member(member, parts));
        if (kind == TypeKind.RECORD) {
            members.completeRecord(parts);
        }
        return parts.modifiers(modifiers(node, kind, outer)).at(node);
    }

    private static Modifiers modifiers(SyntaxNode node, TypeKind kind, TypeKind outer) {
        Modifiers modifiers = JavaTypeTexts.modifiers(node);
        if (outer == TypeKind.INTERFACE) {
            modifiers = modifiers.with(Visibility.PUBLIC).with(Mark.STATIC);
        }
        if (outer != null && kind != TypeKind.CLASS) {
            modifiers = modifiers.with(Mark.STATIC);
        }
        return kind == TypeKind.INTERFACE ? modifiers.with(Mark.ABSTRACT) : modifiers;
    }

    /** A type made in place from another one. {@code holder} names the variable that gets it, or is empty. */
    TypeDeclared anonymous(SyntaxNode body, TypeText base, String holder) {
        var parts = new TypeParts(TypeKind.CLASS, holder).anonymous();
        membersOf(body).forEach(member -> member(member, parts));
        if (base != null) {
            parts.extended().add(base);
        }
        return parts.modifiers(Modifiers.of(Visibility.PRIVATE)).at(body);
    }

    /** The type that a file of bare members stands for. */
    TypeDeclared looseMembers(String name, SyntaxNode root, List<SyntaxNode> loose) {
        var parts = new TypeParts(TypeKind.CLASS, name);
        loose.forEach(member -> member(member, parts));
        return parts.modifiers(Modifiers.NONE.with(Mark.FINAL)).at(root);
    }

    private void member(SyntaxNode node, TypeParts into) {
        switch (node.kind()) {
            case "field_declaration", "constant_declaration", "local_variable_declaration" ->
                members.fields(node, into);
            case "method_declaration", "annotation_type_element_declaration" -> members.operation(node, into);
            case "constructor_declaration" -> members.constructor(node, into);
            case "compact_constructor_declaration" -> members.compactConstructor(node, into);
            case "static_initializer" -> members.initialiser(node.first("block"), true, into);
            case "block" -> members.initialiser(node, false, into);
            case "enum_constant" -> members.constant(node, into);
            default -> {
                if (isType(node)) {
                    into.nested().add(declared(node, into.kind()));
                }
            }
        }
    }
}
