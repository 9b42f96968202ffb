package dev.huella.core.reading.cpp;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Reads the members of one class, or operations outside classes. */
final class CppMembers {
    private static final Set<String> TYPES = Set.of("class_specifier", "struct_specifier", "union_specifier",
            "enum_specifier");
    /** How macros are called. */
    private static final Pattern FRAMEWORK = Pattern.compile("[A-Z][A-Z0-9_]+");
    private final TypeParts into;
    private final List<AliasSeen> aliases;
    private String className;
    private List<TypeParameterDeclared> open = List.of();

    CppMembers(TypeParts into, List<AliasSeen> aliases) {
        this.into = into;
        this.aliases = aliases;
        this.className = into.name();
    }

    /** The simple name that constructors have. */
    CppMembers named(String simple) {
        className = simple;
        return this;
    }

    /** What the templates around the next operation leave open. */
    CppMembers open(List<SyntaxNode> templates) {
        open = templates.stream().flatMap(one -> CppTypes.parameters(one.child("parameters")).stream()).toList();
        return this;
    }

    Visibility members(SyntaxNode body, Visibility usual) {
        Visibility current = usual;
        boolean signals = false;
        for (SyntaxNode member : body == null ? List.<SyntaxNode>of() : body.children()) {
            if (member.is("access_specifier")) {
                signals = CppMasks.isBeforeSignals(member);
                current = switch (member.text()) {
                    case "public" -> Visibility.PUBLIC;
                    case "protected" -> Visibility.PROTECTED;
                    default -> Visibility.PRIVATE;
                };
            } else if (signals && member.is("field_declaration")
                    && CppTypeTexts.function(member.child("declarator")) != null) {
                signal(member, CppTypeTexts.function(member.child("declarator")));
            } else {
                current = member(member, current, List.of());
            }
        }
        return current;
    }

    /** A framework's signal is declared like an operation, but keeps those that are told. */
    private void signal(SyntaxNode node, SyntaxNode declarator) {
        List<TypeText> told = parameters(declarator.child("parameters")).stream()
                .map(one -> one.type() == null ? TypeText.of("?") : one.type())
                .toList();
        into.fields()
                .add(new FieldDeclared(CppTypeTexts.name(declarator).text(), TypeText.function(told, null),
                        Modifiers.of(Visibility.PUBLIC, Mark.EVENT), FieldDeclared.Kind.FIELD, null, List.of(),
                        node.span()));
    }

    private Visibility member(SyntaxNode member, Visibility visibility, List<SyntaxNode> templates) {
        switch (member.kind()) {
            case "function_definition", "inline_method_definition", "constructor_or_destructor_definition",
                    "operator_cast_definition", "constructor_or_destructor_declaration", "operator_cast_declaration" ->
                declaredOperation(member, visibility);
            case "field_declaration", "declaration" -> declared(member, visibility, templates);
            case "template_declaration" -> {
                open(List.of(member));
                member.children()
                        .stream()
                        .filter(child -> !child.is("template_parameter_list"))
                        .forEach(child -> member(child, visibility, List.of(member)));
                open(List.of());
            }
            case "alias_declaration", "type_definition" -> {
                List<AliasSeen> own = new ArrayList<>();
                TypeDeclared named = CppTypes.alias(member, own, null);
                if (named != null) {
                    into.nested().add(named);
                }
                own.forEach(alias -> aliases.add(new AliasSeen(into.name() + "." + alias.name(), alias.meant())));
            }
            case "preproc_if", "preproc_ifdef", "preproc_else", "preproc_elif", "ERROR" -> {
                return members(member, visibility);
            }
            default -> {
                if (TYPES.contains(member.kind())) {
                    nested(member, visibility, templates);
                }
            }
        }
        return visibility;
    }

    private void nested(SyntaxNode node, Visibility visibility, List<SyntaxNode> templates) {
        if (node.child("body") != null && node.child("name") != null) {
            TypeParts parts = CppTypes.declared(node, templates, aliases);
            into.nested().add(parts.modifiers(parts.modifiers().with(visibility)).at(node));
        }
    }

    private void declaredOperation(SyntaxNode node, Visibility visibility) {
        SyntaxNode declarator = CppTypeTexts.function(node.child("declarator"));
        SyntaxNode name = declarator == null ? null : CppTypeTexts.name(declarator);
        if (name != null) {
            operation(node, visibility, false, operationName(name));
        }
    }

    private static String operationName(SyntaxNode name) {
        SyntaxNode to = name.is("operator_cast") ? name.child("type") : null;
        return to != null ? "operator " + to.text() : CppTypeTexts.plain(name.text());
    }

    private void declared(SyntaxNode node, Visibility visibility, List<SyntaxNode> templates) {
        SyntaxNode type = node.child("type");
        if (type != null && TYPES.contains(type.kind())) {
            nested(type, visibility, templates);
        }
        List<SyntaxNode> declarators = node.children("declarator");
        for (SyntaxNode declarator : declarators) {
            SyntaxNode own = declarator.is("init_declarator") ? declarator.child("declarator") : declarator;
            SyntaxNode function = CppTypeTexts.function(own);
            SyntaxNode name = CppTypeTexts.name(own);
            if (name == null) {
                continue;
            }
            if (function != null) {
                operation(node, visibility, false, operationName(name));
            } else {
                field(node, declarator, own, name.text(), visibility);
            }
        }
    }

    private static boolean word(SyntaxNode node, String word) {
        return node.tokens()
                .stream()
                .anyMatch(token -> token.is(word)
                        || (token.is("storage_class_specifier") || token.is("type_qualifier"))
                                && token.text().equals(word));
    }

    private void field(SyntaxNode node, SyntaxNode declarator, SyntaxNode own, String name, Visibility visibility) {
        Modifiers modifiers = Modifiers.of(visibility);
        SyntaxNode type = node.child("type");
        TypeText text = CppTypeTexts.of(node, own);
        boolean isStatic = word(node, "static");
        modifiers = isStatic ? modifiers.with(Mark.STATIC) : modifiers;
        modifiers = word(node, "const") || word(node, "constexpr") ? modifiers.with(Mark.FINAL) : modifiers;
        modifiers = !isStatic && CppTypeTexts.owned(type, own) ? modifiers.with(Mark.OWNED) : modifiers;
        var bodies = new CppBodies(className, into);
        SyntaxNode value = node.child("default_value") != null
                ? node.child("default_value")
                : declarator.child("value");
        Value initial = value == null ? null : bodies.given(value, text);
        into.fields()
                .add(new FieldDeclared(name, text, modifiers, FieldDeclared.Kind.FIELD, initial, bodies.inner(),
                        node.span()));
    }

    /** An operation declared, defined, or both; {@code free}: outside classes. */
    void operation(SyntaxNode node, Visibility visibility, boolean free, String name) {
        SyntaxNode declarator = CppTypeTexts.function(node.child("declarator"));
        boolean constructor = !free && name.equals(className);
        if (!free && !constructor && node.child("type") == null && node.child("body") == null && FRAMEWORK.matcher(name)
                .matches()) {
            return; // called like an operation that gives nothing, but replaced before anything is read
        }
        SyntaxNode pure = node.child("default_value");
        boolean promised = pure != null && pure.text().equals("0") || node.first("pure_virtual_clause") != null;
        boolean deleted = node.first("delete_method_clause") != null;
        Modifiers modifiers = modifiers(node, declarator, deleted ? Visibility.PRIVATE : visibility, free);
        SyntaxNode body = node.child("body") != null ? node.child("body") : node.first("try_statement");
        var bodies = new CppBodies(className, into);
        TypeText returns = constructor ? null : returned(node, declarator);
        List<Step> steps = null;
        if (body != null || node.first("default_method_clause") != null) {
            steps = new ArrayList<>();
            SyntaxNode list = node.first("field_initializer_list");
            if (list != null) {
                initialisers(list, bodies, steps);
            }
            steps.addAll(0, bodies.defaults(declarator == null ? null : declarator.child("parameters")));
            steps.addAll(bodies.giving(returns).block(body));
        }
        into.operations()
                .add(new OperationDeclared(name, constructor ? Kind.CONSTRUCTOR : Kind.OPERATION,
                        promised ? modifiers.with(Mark.ABSTRACT) : modifiers, open,
                        parameters(declarator == null ? null : declarator.child("parameters")), returns, steps,
                        bodies.inner(),
                        node.span()));
    }

    private static TypeText returned(SyntaxNode node, SyntaxNode declarator) {
        SyntaxNode name = declarator == null ? null : CppTypeTexts.name(declarator);
        if (name != null && name.is("operator_cast")) {
            return CppTypeTexts.type(name.child("type"));
        }
        SyntaxNode trailing = declarator == null ? null : declarator.first("trailing_return_type");
        return trailing != null && !trailing.children().isEmpty()
                ? CppTypeTexts.type(trailing.children().getFirst())
                : CppTypeTexts.of(node, pointers(node.child("declarator")));
    }

    /** What stands around the function in a declarator belongs to its result. */
    private static SyntaxNode pointers(SyntaxNode declarator) {
        return declarator != null && declarator.is("pointer_declarator") ? declarator : null;
    }

    private static Modifiers modifiers(SyntaxNode node, SyntaxNode declarator, Visibility visibility, boolean free) {
        Modifiers modifiers = Modifiers.of(visibility);
        boolean isVirtual = word(node, "virtual");
        boolean overrides = false;
        boolean isFinal = false;
        for (SyntaxNode child : declarator == null ? List.<SyntaxNode>of() : declarator.children()) {
            overrides |= child.is("virtual_specifier") && child.text().equals("override");
            isFinal |= child.is("virtual_specifier") && child.text().equals("final");
        }
        modifiers = overrides ? modifiers.with(Mark.OVERRIDE) : modifiers;
        modifiers = isFinal ? modifiers.with(Mark.FINAL) : modifiers;
        if (free || word(node, "static")) {
            return modifiers.with(Mark.STATIC);
        }
        return isVirtual || overrides ? modifiers : modifiers.with(Mark.FIXED);
    }

    private void initialisers(SyntaxNode list, CppBodies bodies, List<Step> into) {
        for (SyntaxNode one : list.children()) {
            List<SyntaxNode> parts = one.children();
            if (!one.is("field_initializer") || parts.isEmpty()) {
                continue;
            }
            String name = CppTypeTexts.plain(parts.getFirst().text());
            SyntaxNode given = parts.size() > 1 ? parts.getLast() : null;
            List<Value> arguments = given == null ? List.of() : bodies.arguments(given);
            SourceSpan at = one.span();
            boolean base = !parts.getFirst().is("field_identifier") || name.equals(className) || this.into.extended()
                    .stream()
                    .anyMatch(type -> type.name().equals(name) || type.name().endsWith("." + name));
            if (base) {
                into.add(new Step.Do(new Value.Construct(!name.equals(className), arguments, at), at));
            } else if (!arguments.isEmpty()) {
                Value value = arguments.size() == 1 && given.is("argument_list")
                        ? arguments.getFirst()
                        : given.is("initializer_list")
                                ? arguments.size() == 1 ? arguments.getFirst() : new Value.ArrayOf(null, arguments, at)
                                : new Value.Create(null, arguments, null, at);
                into.add(new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), name, at), value, true,
                        at), at));
            }
        }
    }

    static List<ParameterDeclared> parameters(SyntaxNode list) {
        List<ParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            TypeText type = CppTypeTexts.of(child, child.child("declarator"));
            SyntaxNode name = child.child("declarator") == null ? null : CppTypeTexts.name(child.child("declarator"));
            if (list.children().size() == 1 && type != null && type.name().equals("void") && name == null) {
                return List.of();
            }
            found.add(new ParameterDeclared(name == null ? "p" + found.size() : name.text(), type,
                    child.is("optional_parameter_declaration") || child.is("variadic_parameter_declaration")));
        }
        return found;
    }
}
