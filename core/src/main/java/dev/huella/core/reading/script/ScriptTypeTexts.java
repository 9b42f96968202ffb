package dev.huella.core.reading.script;

import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads types as they are written. */
final class ScriptTypeTexts {
    private static final Set<String> NOTHING = Set.of("null", "undefined", "void", "never");

    private static final Set<String> PLAIN = Set.of("string", "number", "boolean", "bigint", "symbol");

    private ScriptTypeTexts() {}

    /** Null for nothing and for types that name no single one. */
    static TypeText type(SyntaxNode node) {
        if (node == null) {
            return null;
        }
        List<SyntaxNode> children = node.children();
        return switch (node.kind()) {
            case "type_annotation" -> children.isEmpty()
                    ? null
                    : TypeText.as(type(children.getLast()), children.getLast().text());
            case "parenthesized_type", "readonly_type", "asserts_annotation", "optional_type",
                    "opting_type_annotation", "rest_type", "constraint", "default_type" ->
                children.isEmpty() ? null : type(children.getLast());
            case "array_type" -> {
                TypeText element = type(children.getFirst());
                yield (element == null ? TypeText.of("?") : element).array(1);
            }
            case "tuple_type" -> tuple(node);
            case "generic_type" -> generic(node);
            case "union_type" -> union(node);
            case "intersection_type" -> children.isEmpty() ? null : type(children.getFirst());
            case "function_type" -> TypeText.function(parameterTypes(node.child("parameters")),
                    type(node.child("return_type")));
            case "literal_type" -> children.isEmpty() ? null : literal(children.getFirst());
            case "type_predicate", "type_predicate_annotation" -> TypeText.of("boolean");
            case "type_identifier", "identifier", "predefined_type", "nested_type_identifier", "member_expression",
                    "nested_identifier" ->
                TypeText.of(node.text().replaceFirst("^unique\\s+", "").replaceAll("\\s", ""));
            case "object_type" -> objectType(node);
            case "this_type" -> null;
            default -> null;
        };
    }

    /** Several of one kind are a list of them, all others come together. */
    private static TypeText tuple(SyntaxNode node) {
        List<TypeText> parts = node.children()
                .stream()
                .map(part -> type(part.child("type") == null ? part : part.child("type")))
                .map(type -> type == null ? TypeText.of("?") : type)
                .toList();
        return parts.stream().distinct().count() < 2
                ? (parts.isEmpty() ? TypeText.of("?") : parts.getFirst()).array(1)
                : TypeText.as(TypeText.together(parts), node.text());
    }

    /**
     * Written in place: {@code { [key: string]: T }} and several lists of one kind are a table, values alone are an object,
     * operations are no type.
     */
    private static TypeText objectType(SyntaxNode node) {
        List<SyntaxNode> members = node.children();
        if (members.size() == 1 && members.getFirst().is("index_signature")) {
            TypeText value = type(members.getFirst().child("type"));
            return value == null ? null : table(value);
        }
        if (!holdsValues(node)) {
            return null;
        }
        List<TypeText> values = members.stream().map(member -> type(member.child("type"))).distinct().toList();
        boolean lists = members.size() > 1 && values.size() == 1 && values.getFirst() != null
                && values.getFirst().dimensions() > 0;
        return lists ? table(values.getFirst()) : TypeText.of("object");
    }

    private static TypeText table(TypeText value) {
        return new TypeText("Record", List.of(TypeText.of("string"), value), 0);
    }

    /** True for an object's type that asks for no functions. */
    private static boolean holdsValues(SyntaxNode node) {
        return !node.children().isEmpty() && node.children().stream().allMatch(member -> {
            SyntaxNode type = member.is("property_signature") ? member.child("type") : null;
            return type != null && !type.children().isEmpty() && !type.children().getLast().is("function_type");
        });
    }

    private static TypeText literal(SyntaxNode node) {
        return TypeText.of(switch (node.kind()) {
            case "null", "undefined" -> "null";
            case "number", "unary_expression" -> "number";
            case "true", "false" -> "boolean";
            default -> "string";
        });
    }

    private static TypeText generic(SyntaxNode node) {
        SyntaxNode name = node.child("name");
        SyntaxNode arguments = node.child("type_arguments");
        if (name == null) {
            return null;
        }
        List<TypeText> types = arguments == null ? List.of() : types(arguments);
        String text = name.text();
        return switch (text) {
            case "Readonly", "Required", "Partial", "NonNullable", "Awaited", "Exclude", "Pick",
                    "Omit" ->
                types.isEmpty()
                        ? TypeText.of(text)
                        : types.getFirst();
            case "Array", "ReadonlyArray" -> types.isEmpty() ? TypeText.of("?").array(1) : types.getFirst().array(1);
            default -> new TypeText(text, types, 0);
        };
    }

    static List<TypeText> types(SyntaxNode list) {
        List<TypeText> found = new ArrayList<>();
        for (SyntaxNode child : list.children()) {
            TypeText type = type(child);
            found.add(type == null ? TypeText.of("?") : type);
        }
        return found;
    }

    private static TypeText union(SyntaxNode node) {
        List<TypeText> all = new ArrayList<>();
        flatten(node, all);
        List<TypeText> real = all.stream().filter(one -> !NOTHING.contains(one.name())).distinct().toList();
        TypeText one = real.size() == 1 ? real.getFirst() : plain(real);
        one = one == null ? TypeText.as(TypeText.oneOf(real, PLAIN), node.text()) : one;
        return real.size() < all.size() ? TypeText.optional(one) : one;
    }

    /** Several plain values by one name; null when there is anything else among them. */
    private static TypeText plain(List<TypeText> all) {
        return !all.isEmpty() && all.stream().allMatch(one -> one.dimensions() == 0 && PLAIN.contains(one.name()))
                ? TypeText.of(all.stream().map(TypeText::name).collect(Collectors.joining(" | ")))
                : null;
    }

    /** The types that a name for whichever of them lists; empty unless it lists two or more, functions aside, by name. */
    static List<TypeText> choices(SyntaxNode node) {
        List<TypeText> all = new ArrayList<>();
        if (node != null && node.is("union_type")) {
            flatten(node, all);
        }
        List<TypeText> kinds = all.stream()
                .filter(one -> !NOTHING.contains(one.name()) && !one.isFunction())
                .distinct()
                .toList();
        return kinds.size() > 1 && kinds.stream().allMatch(TypeText::isNamed) ? kinds : List.of();
    }

    private static void flatten(SyntaxNode node, List<TypeText> into) {
        for (SyntaxNode child : node.children()) {
            if (child.is("union_type")) {
                flatten(child, into);
            } else {
                TypeText type = child.is("undefined") ? TypeText.of("undefined") : type(child);
                into.add(type == null ? TypeText.of("?") : type);
            }
        }
    }

    private static List<TypeText> parameterTypes(SyntaxNode parameters) {
        List<TypeText> found = new ArrayList<>();
        for (SyntaxNode child : parameters == null ? List.<SyntaxNode>of() : parameters.children()) {
            TypeText type = type(child.child("type"));
            found.add(type == null ? TypeText.of("?") : type);
        }
        return found;
    }

    /** Those of a class or function, in its head or in the comment before it. */
    static List<TypeParameterDeclared> parameters(SyntaxNode node, DocComment doc) {
        List<TypeParameterDeclared> written = parameters(node.child("type_parameters"));
        return written.isEmpty() ? doc.open() : written;
    }

    static List<TypeParameterDeclared> parameters(SyntaxNode node) {
        List<TypeParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : node == null ? List.<SyntaxNode>of() : node.children()) {
            SyntaxNode name = child.child("name");
            TypeText bound = type(child.child("constraint"));
            if (name != null) {
                found.add(new TypeParameterDeclared(name.text(), bound == null ? List.of() : List.of(bound)));
            }
        }
        return found;
    }
}
