package dev.huella.core.reading.csharp;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the members of one type. */
final class CSharpMembers {
    /** How an accessor of an event adds to the delegate that keeps those to call. */
    private static final Pattern KEPT_IN = Pattern.compile("(?:this\\.)?\\b(\\w+)\\s*\\+=\\s*value\\b");
    private final TypeParts into;
    private final PrimaryConstructor primary;
    /** Fields that an event with accessors of its own is kept in. */
    private final Set<String> behindEvents = new HashSet<>();

    /** {@code primary}: null for a type without parameters behind its name. */
    CSharpMembers(TypeParts into, PrimaryConstructor primary) {
        this.into = into;
        this.primary = primary;
    }

    void members(SyntaxNode body) {
        for (SyntaxNode member : body == null ? List.<SyntaxNode>of() : body.children()) {
            member(member);
        }
        into.fields()
                .stream()
                .filter(field -> isJoined(field, body))
                .map(FieldDeclared::name)
                .forEach(behindEvents::add);
        into.fields()
                .replaceAll(field -> !behindEvents.contains(field.name())
                        ? field
                        : new FieldDeclared(field.name(), field.type(), field.modifiers().with(Mark.EVENT),
                                field.kind(), field.initial(), field.inner(), field.at()));
    }

    /** A function that others are added to tells them all, as an event does. */
    private static boolean isJoined(FieldDeclared field, SyntaxNode body) {
        return body != null && field.type() != null && field.type().present().isFunction()
                && Pattern.compile("\\b" + field.name() + "\\s*\\+=").matcher(body.text()).find();
    }

    private void member(SyntaxNode member) {
        switch (member.kind()) {
            case "field_declaration" -> fields(member, false);
            case "event_field_declaration" -> fields(member, true);
            case "event_declaration" -> event(member);
            case "property_declaration" -> property(member);
            case "indexer_declaration" -> accessors(member, "this[]", parameters(member.child("parameters")));
            case "method_declaration" -> operation(member);
            case "operator_declaration", "conversion_operator_declaration" -> operator(member);
            case "constructor_declaration" -> constructor(member);
            case "destructor_declaration" -> add(member, "~" + into.name(), Kind.OPERATION,
                    Modifiers.of(Visibility.PROTECTED), null, List.of());
            case "enum_member_declaration" -> into.fields()
                    .add(new FieldDeclared(member.child("name").text(), TypeText.of(into.name()),
                            CSharpTypes.PUBLIC.with(Mark.STATIC).with(Mark.FINAL), FieldDeclared.Kind.CONSTANT, null,
                            List.of(), member.span()));
            case "ERROR", "preproc_if", "preproc_else", "preproc_elif", "declaration_list" -> members(member);
            default -> {
                if (CSharpTypes.isType(member)) {
                    into.nested().add(CSharpTypes.declared(member, into.kind()).at(member));
                }
            }
        }
    }

    private boolean promising() {
        return into.kind() == TypeKind.INTERFACE;
    }

    private Modifiers modifiers(SyntaxNode node) {
        boolean explicit = node.first("explicit_interface_specifier") != null;
        return CSharpTypes.modifiers(node, promising() || explicit ? Visibility.PUBLIC : Visibility.PRIVATE);
    }

    /** Nothing may stand in for an operation that is not opened. */
    private Modifiers fixed(Modifiers modifiers, SyntaxNode node) {
        boolean open = promising() || CSharpTypes.word(node, "virtual") || modifiers.has(Mark.ABSTRACT)
                || modifiers.has(Mark.OVERRIDE) && !modifiers.has(Mark.FINAL) || modifiers.has(Mark.STATIC);
        return open ? modifiers : modifiers.with(Mark.FIXED);
    }

    private void fields(SyntaxNode node, boolean event) {
        SyntaxNode declaration = node.first("variable_declaration");
        if (declaration == null) {
            return;
        }
        Modifiers modifiers = modifiers(node);
        TypeText type = CSharpTypes.held(declaration.child("type"));
        for (SyntaxNode declarator : declaration.children()) {
            if (declarator.is("variable_declarator") && declarator.child("name") != null) {
                var bodies = new CSharpBodies(into.name());
                String name = declarator.child("name").text();
                SyntaxNode written = CSharpBodies.initial(declarator);
                Value value = written == null ? null : bodies.value(written);
                Value lazy = type != null && type.name().equals("Lazy") ? madeLater(value) : null;
                Modifiers all = event
                        ? modifiers.with(Mark.EVENT)
                        : lazy != null ? modifiers.with(Mark.LAZY) : modifiers;
                add(new FieldDeclared(name, type, all, FieldDeclared.Kind.FIELD, lazy == null ? value : lazy,
                        bodies.inner(), declarator.span()), written);
            }
        }
    }

    /** What the function makes that a value made on first use is given; null when it is given none. */
    private static Value madeLater(Value value) {
        return value instanceof Value.Create create && !create.arguments().isEmpty()
                && create.arguments().getFirst() instanceof Value.Function function
                        ? Value.given(function.body(), function.at())
                        : null;
    }

    private void event(SyntaxNode node) {
        String name = node.child("name").text();
        into.fields()
                .add(new FieldDeclared(name, CSharpTypes.held(node.child("type")), modifiers(node).with(Mark.EVENT),
                        FieldDeclared.Kind.FIELD, null, List.of(), node.span()));
        SyntaxNode list = node.child("accessors");
        for (SyntaxNode accessor : list == null ? List.<SyntaxNode>of() : list.children()) {
            String kind = accessor.child("name") == null ? "" : accessor.child("name").kind();
            Matcher kept = KEPT_IN.matcher(accessor.text());
            if (kind.equals("add") && kept.find()) {
                behindEvents.add(kept.group(1));
            }
            add(accessor, kind + "_" + name, Kind.OPERATION, modifiers(node), null,
                    List.of(new ParameterDeclared("value", CSharpTypes.held(node.child("type")))));
        }
    }

    private void property(SyntaxNode node) {
        SyntaxNode named = node.child("name");
        if (named == null) {
            return;
        }
        String name = named.text();
        SyntaxNode list = node.child("accessors");
        boolean written = list != null && list.children().stream().anyMatch(one -> one.child("body") != null);
        boolean computed = node.child("value") != null && node.child("value").is("arrow_expression_clause");
        Modifiers modifiers = modifiers(node);
        if (written || computed || promising() || modifiers.has(Mark.ABSTRACT)) {
            accessors(node, name, List.of());
            return;
        }
        boolean settable = list != null && list.children()
                .stream()
                .anyMatch(one -> one.child("name") != null && one.child("name").is("set"));
        var bodies = new CSharpBodies(into.name());
        SyntaxNode value = node.child("value");
        add(new FieldDeclared(name, CSharpTypes.held(node.child("type")),
                settable ? modifiers : modifiers.with(Mark.FINAL), FieldDeclared.Kind.FIELD,
                value == null ? null : bodies.value(value), bodies.inner(), node.span()), value);
    }

    /** A field whose first value speaks of parameters behind the type's name is set by that constructor. */
    private void add(FieldDeclared field, SyntaxNode initial) {
        boolean later = primary != null && !field.modifiers().has(Mark.STATIC)
                && primary.sets(field.name(), initial, field.initial(), field.inner());
        into.fields()
                .add(later
                        ? new FieldDeclared(field.name(), field.type(), field.modifiers(), field.kind(), null,
                                List.of(), field.at())
                        : field);
    }

    private void accessors(SyntaxNode node, String name, List<ParameterDeclared> index) {
        Modifiers modifiers = fixed(modifiers(node), node);
        TypeText type = CSharpTypes.held(node.child("type"));
        SyntaxNode list = node.child("accessors");
        if (list == null) {
            add(node, name, Kind.OPERATION, modifiers.with(Mark.GETTER), type, index);
            return;
        }
        for (SyntaxNode accessor : list.children()) {
            SyntaxNode kind = accessor.child("name");
            if (kind == null) {
                continue;
            }
            boolean getter = kind.is("get");
            List<ParameterDeclared> parameters = new ArrayList<>(index);
            if (!getter) {
                parameters.add(new ParameterDeclared("value", type));
            }
            Modifiers own = CSharpTypes.modifiers(accessor, modifiers.visibility());
            add(accessor, name, Kind.OPERATION,
                    modifiers.with(own.visibility()).with(getter ? Mark.GETTER : Mark.SETTER), getter ? type : null,
                    parameters);
        }
    }

    private void operation(SyntaxNode node) {
        SyntaxNode list = node.child("parameters");
        Modifiers modifiers = fixed(modifiers(node), node);
        boolean extension = list != null && list.children()
                .stream()
                .findFirst()
                .filter(first -> first.tokens().stream().anyMatch(token -> token.text().equals("this")))
                .isPresent();
        add(node, node.child("name").text(), Kind.OPERATION, extension ? modifiers.with(Mark.EXTENSION) : modifiers,
                CSharpTypes.held(node.child("returns")), parameters(list));
    }

    private void operator(SyntaxNode node) {
        SyntaxNode sign = node.child("operator");
        add(node, sign == null ? "implicit" : "operator" + sign.text(), Kind.OPERATION, modifiers(node),
                CSharpTypes.type(node.child("type")), parameters(node.child("parameters")));
    }

    private void constructor(SyntaxNode node) {
        Modifiers modifiers = modifiers(node);
        if (modifiers.has(Mark.STATIC)) {
            add(node, "<static>", Kind.INITIALISER, modifiers, null, List.of());
            return;
        }
        var bodies = new CSharpBodies(into.name());
        List<Step> steps = new ArrayList<>();
        SyntaxNode first = node.first("constructor_initializer");
        if (first != null) {
            boolean base = first.tokens().stream().anyMatch(token -> token.is("base"));
            steps.add(
                    new Step.Do(new Value.Construct(base, bodies.arguments(first.first("argument_list")), first.span()),
                            first.span()));
        }
        steps.addAll(bodies.body(node.child("body"), true));
        into.operations()
                .add(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, modifiers, List.of(),
                        parameters(node.child("parameters")), null, steps, bodies.inner(), node.span()));
    }

    private void add(SyntaxNode node, String name, Kind kind, Modifiers modifiers, TypeText returns,
            List<ParameterDeclared> parameters) {
        SyntaxNode body = node.child("body") != null
                ? node.child("body")
                : node.child("value") != null ? node.child("value") : node.first("arrow_expression_clause");
        Modifiers full = body == null && (promising() || into.modifiers().has(Mark.ABSTRACT))
                && !modifiers.has(Mark.STATIC)
                        ? modifiers.with(Mark.ABSTRACT)
                        : modifiers;
        var bodies = new CSharpBodies(into.name());
        boolean plain = modifiers.has(Mark.SETTER) || kind != Kind.OPERATION || returns == null
                || returns.name().equals("void");
        into.operations()
                .add(new OperationDeclared(name, kind, full, CSharpTypes.typeParameters(node), parameters,
                        returns, body == null ? null : bodies.body(body, plain), bodies.inner(), node.span()));
    }

    static List<ParameterDeclared> parameters(SyntaxNode list) {
        List<ParameterDeclared> found = new ArrayList<>();
        TypeText loose = null;
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            if (child.is("parameter")) {
                SyntaxNode name = child.child("name");
                boolean optional = child.tokens().stream().anyMatch(token -> token.is("="));
                found.add(new ParameterDeclared(name == null ? child.text() : name.text(),
                        CSharpTypes.held(child.child("type")), optional));
            } else if ("type".equals(child.field())) {
                loose = CSharpTypes.type(child);
            } else if ("name".equals(child.field())) {
                found.add(new ParameterDeclared(child.text(), loose, true));
            }
        }
        return found;
    }
}
