package dev.huella.core.reading.cpp;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Reads heads of classes, enumerations, and names for types. */
final class CppTypes {
    static final Modifiers PUBLIC = Modifiers.of(Visibility.PUBLIC);

    /** With the namespace in front, or without it where it is used as a whole. */
    private static final Set<String> VARIANTS = Set.of("std.variant", "variant");

    private CppTypes() {}

    static TypeParts declared(SyntaxNode node, List<SyntaxNode> templates, List<AliasSeen> aliases) {
        return filled(node, CppTypeTexts.plain(node.child("name").text()), templates, aliases);
    }

    /** A type without a name of its own that a variable or alias names. */
    static TypeParts unnamed(SyntaxNode node, String name, List<AliasSeen> aliases) {
        return filled(node, name, List.of(), aliases);
    }

    private static TypeParts filled(SyntaxNode node, String name, List<SyntaxNode> templates, List<AliasSeen> aliases) {
        boolean isEnum = node.is("enum_specifier");
        TypeKind kind = isEnum ? TypeKind.ENUM : node.is("class_specifier") ? TypeKind.CLASS : TypeKind.STRUCT;
        var parts = new TypeParts(kind, name.substring(name.lastIndexOf('.') + 1));
        templates.forEach(template -> parts.typeParameters().addAll(parameters(template.child("parameters"))));
        if (isEnum) {
            constants(node.child("body"), parts);
            return parts.modifiers(PUBLIC);
        }
        SyntaxNode bases = node.first("base_class_clause");
        if (bases != null) {
            for (SyntaxNode base : bases.children()) {
                if (!base.is("access_specifier") && !base.is("virtual")) {
                    TypeText type = CppTypeTexts.type(base);
                    if (type != null) {
                        parts.extended().add(type);
                    }
                }
            }
        }
        new CppMembers(parts, aliases).members(node.child("body"),
                kind == TypeKind.CLASS ? Visibility.PRIVATE : Visibility.PUBLIC);
        boolean isAbstract = parts.operations().stream().anyMatch(one -> one.modifiers().has(Mark.ABSTRACT));
        boolean isFinal = node.tokens().stream().anyMatch(token -> token.text().equals("final"));
        Modifiers modifiers = isAbstract ? PUBLIC.with(Mark.ABSTRACT) : PUBLIC;
        return parts.modifiers(isFinal ? modifiers.with(Mark.FINAL) : modifiers);
    }

    private static void constants(SyntaxNode body, TypeParts into) {
        for (SyntaxNode child : body == null ? List.<SyntaxNode>of() : body.children()) {
            if (child.is("enumerator")) {
                into.fields()
                        .add(new FieldDeclared(child.child("name").text(), TypeText.of(into.name()),
                                PUBLIC.with(Mark.STATIC).with(Mark.FINAL), FieldDeclared.Kind.CONSTANT, null, List.of(),
                                child.span()));
            }
        }
    }

    static List<TypeParameterDeclared> parameters(SyntaxNode list) {
        List<TypeParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode declared = child.kind().endsWith("parameter_declaration")
                    && !child.kind().contains("type_parameter")
                            ? CppTypeTexts.name(child.child("declarator")) // a value that is left open
                            : null;
            SyntaxNode name = declared != null
                    ? declared
                    : child.child("name") != null ? child.child("name") : child.first("type_identifier");
            if (name != null && (declared != null || child.kind().contains("type_parameter"))) {
                found.add(new TypeParameterDeclared(name.text(), List.of()));
            }
        }
        return found;
    }

    /** {@code using Name = std::variant<One, Other>} is a choice. */
    private static TypeDeclared choice(String name, List<TypeText> kinds, String namespace, SyntaxNode node) {
        var parts = new TypeParts(TypeKind.INTERFACE, name).standing(Standing.CHOICE).namespace(namespace);
        kinds.stream()
                .map(TypeText::present)
                .filter(kind -> !kind.name().endsWith("monostate"))
                .forEach(parts.extended()::add);
        return parts.extended().size() < 2 ? null : parts.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
    }

    /**
     * A name for a type: functions and variants become types, which are returned; others are noted; else null.
     *
     * @param namespace the one around it; null inside a type
     */
    static TypeDeclared alias(SyntaxNode node, List<AliasSeen> aliases, String namespace) {
        boolean using = node.is("alias_declaration");
        SyntaxNode named = using ? node.child("name") : CppTypeTexts.name(node.child("declarator"));
        TypeText meant = using
                ? CppTypeTexts.type(node.child("type"))
                : CppTypeTexts.of(node, node.child("declarator"));
        if (named == null || meant == null) {
            return null;
        }
        if (!meant.present().isFunction()) {
            if (!meant.name().equals(named.text())) {
                aliases.add(new AliasSeen(named.text(), meant));
            }
            return VARIANTS.contains(meant.name()) ? choice(named.text(), meant.arguments(), namespace, node) : null;
        }
        var parts = new TypeParts(TypeKind.FUNCTION, named.text()).namespace(namespace);
        List<ParameterDeclared> parameters = new ArrayList<>();
        List<TypeText> all = meant.present().arguments();
        for (int i = 0; i < all.size() - 1; i++) {
            parameters.add(new ParameterDeclared("p" + i, all.get(i)));
        }
        parts.operations()
                .add(new OperationDeclared(Value.APPLY, Kind.OPERATION, PUBLIC.with(Mark.ABSTRACT),
                        List.of(), parameters, all.getLast(), null, List.of(), node.span()));
        return parts.modifiers(PUBLIC.with(Mark.ABSTRACT)).at(node);
    }
}
