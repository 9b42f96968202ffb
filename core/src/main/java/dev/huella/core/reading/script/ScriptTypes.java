package dev.huella.core.reading.script;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.DocComment;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.List;

/** Reads classes, interfaces, enumerations and named types. */
final class ScriptTypes {
    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);

    private ScriptTypes() {}

    static boolean isClass(SyntaxNode node) {
        return node.is("class_declaration") || node.is("abstract_class_declaration") || node.is("class");
    }

    /** A class with or without a name of its own. */
    static TypeDeclared type(SyntaxNode node, String holder, DocComment doc) {
        SyntaxNode named = node.child("name");
        String name = named == null ? holder : named.text();
        var parts = new TypeParts(TypeKind.CLASS, name);
        parts.typeParameters().addAll(ScriptTypeTexts.parameters(node, doc));
        SyntaxNode heritage = node.first("class_heritage");
        if (heritage != null) {
            heritage(heritage, parts);
        }
        if (doc.realised() != null) {
            parts.realised().add(doc.realised());
        }
        new ScriptMembers(parts).members(node.child("body"));
        boolean isAbstract = node.is("abstract_class_declaration") || doc.has("abstract")
                || node.tokens().stream().anyMatch(token -> token.is("abstract"));
        return parts.modifiers(isAbstract ? PUBLIC.with(Mark.ABSTRACT) : PUBLIC).at(node);
    }

    private static void heritage(SyntaxNode heritage, TypeParts into) {
        for (SyntaxNode child : heritage.children()) {
            switch (child.kind()) {
                case "extends_clause" -> bases(child.child("value"), child.child("type_arguments"), into);
                case "implements_clause" -> into.realised().addAll(ScriptTypeTexts.types(child));
                default -> bases(child, null, into);
            }
        }
        into.extended().removeIf(type -> type == null || type.name().isEmpty());
    }

    /** {@code extends mixin(Base)} inherits from what is mixed in as well as from the base. */
    private static void bases(SyntaxNode node, SyntaxNode arguments, TypeParts into) {
        if (node != null && node.is("call_expression")) {
            into.extended().add(base(node.child("function"), null));
            SyntaxNode list = node.child("arguments");
            if (list != null && !list.children().isEmpty()) {
                bases(list.children().getLast(), null, into);
            }
            return;
        }
        into.extended().add(base(node, arguments));
    }

    private static TypeText base(SyntaxNode node, SyntaxNode arguments) {
        if (node == null) {
            return null;
        }
        if (!node.is("identifier") && !node.is("member_expression")) {
            return null;
        }
        return new TypeText(node.text().replaceAll("\\s", ""),
                arguments == null ? List.of() : ScriptTypeTexts.types(arguments), 0);
    }

    /** A function that makes a class out of the one it is given is what it adds to it; null for any other function. */
    static TypeDeclared mixin(SyntaxNode function, String name, DocComment doc) {
        SyntaxNode made = madeClass(function.child("body"));
        SyntaxNode heritage = made == null ? null : made.first("class_heritage");
        SyntaxNode given = function.child("parameter") == null
                ? function.child("parameters")
                : function.child("parameter");
        if (heritage == null || given == null) {
            return null;
        }
        var parts = new TypeParts(TypeKind.CLASS, name);
        heritage(heritage, parts);
        List<String> names = ScriptValues.parameters(function, doc).stream().map(ParameterDeclared::name).toList();
        if (parts.extended().stream().noneMatch(base -> names.contains(base.name()))) {
            return null;
        }
        TypeDeclared whole = type(made, name, doc);
        var mixed = new TypeParts(TypeKind.MIXIN, name);
        mixed.realised().addAll(whole.realised());
        mixed.fields().addAll(whole.fields());
        mixed.operations().addAll(whole.operations());
        mixed.nested().addAll(whole.nested());
        return mixed.modifiers(whole.modifiers()).at(function);
    }

    /** The class that a function gives back; null when it gives something else, or does more. */
    private static SyntaxNode madeClass(SyntaxNode body) {
        SyntaxNode last = body == null || body.children().isEmpty() ? null : body.children().getLast();
        if (body == null || isClass(body)) {
            return body;
        }
        if (body.is("parenthesized_expression")
                || last != null && last.is("return_statement") && body.children().size() == 1) {
            SyntaxNode value = body.is("parenthesized_expression")
                    ? last
                    : last.children().isEmpty() ? null : last.children().getFirst();
            return value != null && isClass(value) ? value : null;
        }
        SyntaxNode first = body.is("statement_block") && body.children().size() == 2
                ? body.children().getFirst()
                : null;
        boolean named = first != null && isClass(first) && last.is("return_statement") && !last.children().isEmpty()
                && last.children().getFirst().text().equals(first.child("name").text());
        return named ? first : null;
    }

    static TypeDeclared interfaceType(SyntaxNode node) {
        var parts = new TypeParts(TypeKind.INTERFACE, node.child("name").text());
        parts.typeParameters().addAll(ScriptTypeTexts.parameters(node.child("type_parameters")));
        SyntaxNode above = node.first("extends_type_clause");
        if (above != null) {
            parts.extended().addAll(ScriptTypeTexts.types(above));
        }
        promised(node.child("body"), parts);
        return parts.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
    }

    /** A named object type is an interface, a named function type one of a single operation; null for other names. */
    static TypeDeclared named(SyntaxNode node) {
        SyntaxNode written = node.child("value");
        SyntaxNode closed = readonly(written);
        SyntaxNode value = closed == null ? written : closed;
        String name = node.child("name").text();
        if (value != null && value.is("object_type")) {
            var parts = new TypeParts(TypeKind.INTERFACE, name);
            parts.typeParameters().addAll(ScriptTypeTexts.parameters(node.child("type_parameters")));
            promised(value, parts);
            parts.fields().replaceAll(field -> closed == null ? field : field.with(Mark.FINAL));
            return parts.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
        }
        if (value != null && value.is("function_type")) {
            var parts = new TypeParts(TypeKind.FUNCTION, name);
            parts.typeParameters().addAll(ScriptTypeTexts.parameters(node.child("type_parameters")));
            parts.operations().add(promise(Value.APPLY, value, ScriptTypeTexts.type(value.child("return_type"))));
            return parts.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
        }
        return choice(written, name, node);
    }

    /** {@code type Name = One | Other}; null for anything else. */
    private static TypeDeclared choice(SyntaxNode value, String name, SyntaxNode node) {
        List<TypeText> kinds = ScriptTypeTexts.choices(value);
        if (kinds.isEmpty()) {
            return null;
        }
        var parts = new TypeParts(TypeKind.INTERFACE, name).standing(Standing.CHOICE);
        parts.typeParameters().addAll(ScriptTypeTexts.parameters(node.child("type_parameters")));
        parts.extended().addAll(kinds);
        return parts.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
    }

    /** The object type in {@code Readonly<…>}; null for anything else. */
    private static SyntaxNode readonly(SyntaxNode value) {
        boolean closed = value != null && value.is("generic_type") && value.text().startsWith("Readonly<");
        SyntaxNode arguments = closed ? value.child("type_arguments") : null;
        return arguments == null ? null : arguments.first("object_type");
    }

    private static void promised(SyntaxNode body, TypeParts into) {
        for (SyntaxNode member : body == null ? List.<SyntaxNode>of() : body.children()) {
            SyntaxNode name = member.child("name");
            SyntaxNode annotation = member.child("type");
            switch (member.kind()) {
                case "method_signature" -> into.operations()
                        .add(promise(ScriptMembers.name(name), member,
                                ScriptTypeTexts.type(member.child("return_type"))));
                case "call_signature" -> into.operations()
                        .add(promise(Value.APPLY, member, ScriptTypeTexts.type(member.child("return_type"))));
                case "property_signature" -> property(member, name, annotation, into);
                default -> {
                    // indexes and ways of construction carry no structure
                }
            }
        }
    }

    private static void property(SyntaxNode member, SyntaxNode name, SyntaxNode annotation, TypeParts into) {
        SyntaxNode written = annotation == null || annotation.children().isEmpty()
                ? null
                : annotation.children().getFirst();
        if (written != null && written.is("function_type")) {
            into.operations()
                    .add(promise(ScriptMembers.name(name), written,
                            ScriptTypeTexts.type(written.child("return_type"))));
            return;
        }
        TypeText type = ScriptTypeTexts.type(annotation);
        boolean optional = member.tokens().stream().anyMatch(token -> token.is("?"));
        boolean fixed = member.tokens().stream().anyMatch(token -> token.is("readonly"));
        into.fields()
                .add(new FieldDeclared(ScriptMembers.name(name), optional ? TypeText.optional(type) : type,
                        fixed ? PUBLIC.with(Mark.FINAL) : PUBLIC,
                        FieldDeclared.Kind.FIELD, null, List.of(), member.span()));
    }

    private static OperationDeclared promise(String name, SyntaxNode node, TypeText result) {
        boolean optional = node.tokens().stream().anyMatch(token -> token.is("?"));
        return new OperationDeclared(name, Kind.OPERATION, PUBLIC.with(optional ? Mark.DEFAULT : Mark.ABSTRACT),
                ScriptTypeTexts.parameters(node.child("type_parameters")),
                ScriptMembers.parameters(node.child("parameters"), DocComment.NONE), result,
                optional ? List.of() : null, List.of(),
                node.span());
    }

    static TypeDeclared enumType(SyntaxNode node) {
        var parts = new TypeParts(TypeKind.ENUM, node.child("name").text());
        for (SyntaxNode child : node.child("body").children()) {
            String name = child.is("enum_assignment") ? child.child("name").text() : child.text();
            parts.fields()
                    .add(new FieldDeclared(name, TypeText.of(parts.name()), PUBLIC.with(Mark.STATIC).with(Mark.FINAL),
                            FieldDeclared.Kind.CONSTANT, null, List.of(), child.span()));
        }
        return parts.modifiers(PUBLIC).at(node);
    }
}
