package dev.huella.core.reading.java;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;

/** Reads types, type parameters and modifiers as they are written. */
final class JavaTypeTexts {
    private JavaTypeTexts() {}

    /** Null for {@code var} and for nothing. */
    static TypeText type(SyntaxNode node) {
        if (node == null) {
            return null;
        }
        return switch (node.kind()) {
            case "generic_type" -> generic(node);
            case "array_type" -> {
                TypeText element = type(node.child("element"));
                yield element == null ? null : element.array(dimensions(node.child("dimensions")));
            }
            case "annotated_type" -> type(node.children().getLast());
            case "scoped_type_identifier" -> scoped(node);
            case "wildcard" -> wildcard(node);
            case "catch_type" -> type(node.children().getFirst());
            default -> {
                String text = node.text();
                yield text.equals("var") ? null : TypeText.of(text);
            }
        };
    }

    private static TypeText generic(SyntaxNode node) {
        TypeText raw = type(node.children().getFirst());
        SyntaxNode arguments = node.first("type_arguments");
        if (raw == null || arguments == null) {
            return raw;
        }
        List<TypeText> types = arguments.children()
                .stream()
                .map(JavaTypeTexts::type)
                .map(type -> type == null ? TypeText.of("?") : type)
                .toList();
        return new TypeText(raw.name(), types, 0);
    }

    private static TypeText scoped(SyntaxNode node) {
        var name = new StringBuilder();
        for (SyntaxNode part : node.children()) {
            TypeText type = part.kind().endsWith("annotation") ? null : type(part);
            if (type != null) {
                name.append(name.isEmpty() ? "" : ".").append(type.name());
            }
        }
        return TypeText.of(name.toString());
    }

    private static TypeText wildcard(SyntaxNode node) {
        return node.children()
                .stream()
                .filter(child -> !child.kind().endsWith("annotation") && !child.is("super"))
                .map(JavaTypeTexts::type)
                .findFirst()
                .orElse(TypeText.of("?"));
    }

    /** How many pairs of brackets; 0 for null. */
    static int dimensions(SyntaxNode node) {
        return node == null ? 0 : (int) node.text().chars().filter(letter -> letter == '[').count();
    }

    static List<TypeText> types(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        List<TypeText> found = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("type_list")) {
                found.addAll(types(child));
            } else {
                found.add(type(child));
            }
        }
        return found;
    }

    static List<TypeParameterDeclared> parameters(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        List<TypeParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            SyntaxNode name = child.first("type_identifier");
            if (name == null) {
                name = child.first("identifier");
            }
            if (name != null) {
                found.add(new TypeParameterDeclared(name.text(), types(child.first("type_bound"))));
            }
        }
        return found;
    }

    static Modifiers modifiers(SyntaxNode declaration) {
        SyntaxNode node = declaration.first("modifiers");
        if (node == null) {
            return Modifiers.NONE;
        }
        Visibility visibility = Visibility.PACKAGE;
        EnumSet<Mark> marks = EnumSet.noneOf(Mark.class);
        for (SyntaxNode token : node.tokens()) {
            switch (token.kind()) {
                case "public" -> visibility = Visibility.PUBLIC;
                case "protected" -> visibility = Visibility.PROTECTED;
                case "private" -> visibility = Visibility.PRIVATE;
                case "static" -> marks.add(Mark.STATIC);
                case "abstract" -> marks.add(Mark.ABSTRACT);
                case "final" -> marks.add(Mark.FINAL);
                case "sealed" -> marks.add(Mark.SEALED);
                case "default" -> marks.add(Mark.DEFAULT);
                case "synchronized" -> marks.add(Mark.SYNCHRONIZED);
                case "volatile" -> marks.add(Mark.VOLATILE);
                case "marker_annotation" -> {
                    if (token.text().equals("@Override")) {
                        marks.add(Mark.OVERRIDE);
                    }
                }
                default -> {
                    // other annotations and words carry no structure
                }
            }
        }
        return new Modifiers(visibility, marks);
    }
}
