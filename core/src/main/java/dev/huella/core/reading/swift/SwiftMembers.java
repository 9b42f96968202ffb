package dev.huella.core.reading.swift;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads the members of one type or extension, or of a file. */
final class SwiftMembers {
    private final TypeParts into;
    private final List<AliasSeen> aliases;
    private final boolean free;

    SwiftMembers(TypeParts into, List<AliasSeen> aliases, boolean free) {
        this.into = into;
        this.aliases = aliases;
        this.free = free;
    }

    void member(SyntaxNode member) {
        switch (member.kind()) {
            case "property_declaration" -> properties(member);
            case "function_declaration", "protocol_function_declaration" -> operation(member);
            case "init_declaration" -> constructor(member);
            case "deinit_declaration" -> add(member, "deinit", Kind.OPERATION, modifiers(member), null, List.of());
            case "protocol_property_declaration" -> promised(member);
            case "subscript_declaration" -> subscript(member);
            case "enum_entry" -> entries(member);
            case "class_declaration", "protocol_declaration" -> into.nested().add(SwiftTypes.declared(member, aliases));
            case "typealias_declaration" -> {
                TypeDeclared named = SwiftTypes.alias(member, aliases);
                if (named != null) {
                    into.nested().add(named);
                }
            }
            default -> {
                // associated types and operators add no members
            }
        }
    }

    private Modifiers modifiers(SyntaxNode node) {
        Modifiers modifiers = SwiftTypes.modifiers(node);
        if (into.kind() == TypeKind.PROTOCOL) {
            modifiers = modifiers.with(Visibility.PUBLIC);
        }
        return free ? modifiers.with(Mark.STATIC) : modifiers;
    }

    private void entries(SyntaxNode node) {
        List<SyntaxNode> children = node.children();
        for (int i = 0; i < children.size(); i++) {
            SyntaxNode child = children.get(i);
            if ("name".equals(child.field()) && child.is("simple_identifier")) {
                boolean varies = i + 1 < children.size() && children.get(i + 1).is("enum_type_parameters");
                Modifiers modifiers = SwiftTypes.PUBLIC.with(Mark.STATIC).with(Mark.FINAL);
                into.fields()
                        .add(new FieldDeclared(child.text(), TypeText.of(into.name()),
                                varies ? modifiers.with(Mark.VARYING) : modifiers, FieldDeclared.Kind.CONSTANT, null,
                                List.of(), child.span()));
                if (varies) {
                    brought(children.get(i + 1));
                }
            }
        }
    }

    /** What a case brings along, under its label, or else called after its type. */
    private void brought(SyntaxNode values) {
        String label = null;
        for (SyntaxNode child : values.children()) {
            if (child.is("simple_identifier")) {
                label = child.text();
            } else if (SwiftTypes.type(child) instanceof TypeText type) {
                String name = label != null ? label : lowered(type.name());
                label = null;
                if (into.fields().stream().noneMatch(field -> field.name().equals(name))) {
                    into.fields()
                            .add(new FieldDeclared(name, type, SwiftTypes.PUBLIC.with(Mark.FINAL),
                                    FieldDeclared.Kind.FIELD, null, List.of(), child.span()));
                }
            }
        }
    }

    private static String lowered(String type) {
        String name = type.substring(type.lastIndexOf('.') + 1);
        return name.isEmpty() ? name : Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private void promised(SyntaxNode node) {
        SyntaxNode name = node.child("name");
        TypeText type = SwiftTypes.type(node.first("type_annotation"));
        Modifiers modifiers = modifiers(node).with(Mark.ABSTRACT).with(Mark.GETTER);
        into.operations()
                .add(new OperationDeclared(SwiftBodies.boundName(name), Kind.OPERATION, modifiers, List.of(),
                        List.of(), type, null, List.of(), node.span()));
    }

    /** One declaration may name several properties, each with its type, value and accessors behind it. */
    private void properties(SyntaxNode node) {
        List<SyntaxNode> parts = node.children();
        for (int i = 0; i < parts.size(); i++) {
            if (!parts.get(i).is("pattern")) {
                continue;
            }
            SyntaxNode type = null;
            SyntaxNode value = null;
            SyntaxNode computed = null;
            SyntaxNode observers = null;
            for (int j = i + 1; j < parts.size() && !parts.get(j).is("pattern"); j++) {
                SyntaxNode part = parts.get(j);
                switch (part.kind()) {
                    case "type_annotation" -> type = part;
                    case "computed_property" -> computed = part;
                    case "willset_didset_block" -> observers = part;
                    default -> value = "value".equals(part.field()) ? part : value;
                }
            }
            SyntaxNode said = type != null || value != null ? type : typeBehind(parts, i);
            property(node, parts.get(i), SwiftTypes.type(said), value, computed, observers);
        }
    }

    /** {@code var x, y: Int}: the type stands behind the last name. */
    private static SyntaxNode typeBehind(List<SyntaxNode> parts, int from) {
        return parts.stream().skip(from).filter(part -> part.is("type_annotation")).findFirst().orElse(null);
    }

    private void property(SyntaxNode node, SyntaxNode pattern, TypeText type, SyntaxNode value, SyntaxNode computed,
            SyntaxNode observers) {
        String name = SwiftBodies.boundName(pattern);
        Modifiers modifiers = modifiers(node);
        if (computed != null) {
            accessors(computed, name, type, modifiers);
            return;
        }
        SyntaxNode binding = node.first("value_binding_pattern");
        boolean constant = binding != null && binding.text().equals("let");
        var bodies = new SwiftBodies(into.name());
        Value initial = value == null ? null : bodies.value(value);
        into.fields()
                .add(new FieldDeclared(name, type, constant ? modifiers.with(Mark.FINAL) : modifiers,
                        FieldDeclared.Kind.FIELD, initial, bodies.inner(), pattern.span()));
        if (observers != null) {
            observed(observers, name, type, modifiers);
        }
    }

    /** What is done around a change of a property is done by whoever sets it. */
    private void observed(SyntaxNode observers, String name, TypeText type, Modifiers modifiers) {
        var bodies = new SwiftBodies(into.name());
        SourceSpan at = observers.span();
        List<Step> steps = new ArrayList<>();
        Step set = new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), name, at),
                new Value.Name("newValue", at), true, at), at);
        for (SyntaxNode clause : observers.children()) {
            if (clause.is("willset_clause")) {
                steps.addAll(bodies.block(clause));
            }
        }
        steps.add(set);
        for (SyntaxNode clause : observers.children()) {
            if (clause.is("didset_clause")) {
                steps.addAll(bodies.block(clause));
            }
        }
        into.operations()
                .add(new OperationDeclared(name, Kind.OPERATION, modifiers.with(Mark.SETTER), List.of(),
                        List.of(new ParameterDeclared("newValue", type)), null, steps, bodies.inner(), at));
    }

    private void accessors(SyntaxNode computed, String name, TypeText type, Modifiers modifiers) {
        SyntaxNode getter = computed.first("computed_getter");
        SyntaxNode setter = computed.first("computed_setter");
        SyntaxNode read = getter == null ? computed : getter;
        var bodies = new SwiftBodies(into.name());
        into.operations()
                .add(new OperationDeclared(name, Kind.OPERATION, modifiers.with(Mark.GETTER), List.of(),
                        List.of(), type, Bodies.giving(bodies.block(read), false), bodies.inner(), read.span()));
        if (setter != null) {
            var own = new SwiftBodies(into.name());
            into.operations()
                    .add(new OperationDeclared(name, Kind.OPERATION, modifiers.with(Mark.SETTER), List.of(),
                            List.of(new ParameterDeclared("newValue", type)), null, own.block(setter), own.inner(),
                            setter.span()));
        }
    }

    private void subscript(SyntaxNode node) {
        SyntaxNode computed = node.first("computed_property");
        var bodies = new SwiftBodies(into.name());
        into.operations()
                .add(new OperationDeclared("subscript", Kind.OPERATION, modifiers(node), List.of(),
                        parameters(node), returned(node),
                        computed == null ? null : Bodies.giving(bodies.block(computed), false),
                        bodies.inner(), node.span()));
    }

    private void operation(SyntaxNode node) {
        SyntaxNode name = node.child("name");
        if (name != null) {
            TypeText returns = returned(node);
            add(node, name.text(), Kind.OPERATION, modifiers(node), returns == null && !hasResult(node)
                    ? TypeText.of("void")
                    : returns, parameters(node));
        }
    }

    private static boolean hasResult(SyntaxNode node) {
        return node.children().stream().anyMatch(child -> "name".equals(child.field()) && SwiftTypes.isTypeNode(child));
    }

    /** The type behind the parameters; the first part called so is the name. */
    private static TypeText returned(SyntaxNode node) {
        TypeText found = null;
        for (SyntaxNode child : node.children()) {
            if ("name".equals(child.field()) && SwiftTypes.isTypeNode(child)) {
                found = TypeText.as(SwiftTypes.type(child), child.text());
            }
        }
        return found;
    }

    private void constructor(SyntaxNode node) {
        add(node, into.name().substring(into.name().lastIndexOf('.') + 1), Kind.CONSTRUCTOR, modifiers(node), null,
                parameters(node));
    }

    private void add(SyntaxNode node, String name, Kind kind, Modifiers modifiers, TypeText returns,
            List<ParameterDeclared> parameters) {
        SyntaxNode body = node.child("body");
        boolean promised = body == null && into.kind() == TypeKind.PROTOCOL;
        var bodies = new SwiftBodies(into.name());
        List<Step> steps = body == null ? null : new ArrayList<>(bodies.block(body));
        boolean gives = steps != null && steps.size() == 1 && kind == Kind.OPERATION && returns != null
                && !returns.name().equals("void");
        if (steps != null && !gives) {
            steps.addAll(0, bodies.defaults(node));
        }
        TypeText result = returns != null && returns.present().name().equals("Self")
                ? TypeText.of(into.name())
                : returns;
        into.operations()
                .add(new OperationDeclared(name, kind, promised ? modifiers.with(Mark.ABSTRACT) : modifiers,
                        SwiftTypes.typeParameters(node), parameters, result,
                        gives ? Bodies.giving(steps, false) : steps,
                        bodies.inner(), node.span()));
    }

    static List<ParameterDeclared> parameters(SyntaxNode node) {
        List<ParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : node.tokens()) {
            if (child.is("parameter")) {
                String name = "";
                TypeText type = null;
                for (SyntaxNode part : child.children()) {
                    if ("name".equals(part.field()) && part.is("simple_identifier")) {
                        name = part.text();
                    } else if (SwiftTypes.isTypeNode(part)) {
                        type = TypeText.as(SwiftTypes.type(part), part.text());
                    }
                }
                boolean many = child.text().endsWith("...");
                found.add(new ParameterDeclared(name, many && type != null ? type.array(1) : type, many));
            } else if (child.is("=") && !found.isEmpty()) {
                ParameterDeclared last = found.removeLast();
                found.add(new ParameterDeclared(last.name(), last.type(), true));
            }
        }
        return found;
    }

    /** A structure without a constructor of its own has one over its properties. */
    void memberwise(SyntaxNode node) {
        boolean written = into.operations().stream().anyMatch(one -> one.kind() == Kind.CONSTRUCTOR);
        if (written) {
            return;
        }
        List<ParameterDeclared> parameters = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (FieldDeclared field : into.fields()) {
            boolean fixed = field.modifiers().has(Mark.FINAL) && field.initial() != null;
            if (!field.modifiers().has(Mark.STATIC) && !fixed) {
                boolean optional = field.initial() != null
                        || field.type() != null && field.type().isOptional() && !field.modifiers().has(Mark.FINAL);
                parameters.add(new ParameterDeclared(field.name(), field.type(), optional));
                SourceSpan at = field.at();
                steps.add(new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), field.name(), at),
                        new Value.Name(field.name(), at), true, at), at));
            }
        }
        if (!parameters.isEmpty()) {
            into.operations()
                    .add(new OperationDeclared(into.name(), Kind.CONSTRUCTOR,
                            Modifiers.of(Visibility.PACKAGE), List.of(), parameters, null, steps, List.of(),
                            into.fields().getFirst().at()));
        }
    }
}
