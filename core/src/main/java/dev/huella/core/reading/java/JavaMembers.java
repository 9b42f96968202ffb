package dev.huella.core.reading.java;

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
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads fields, operations, constructors and initialisers. */
final class JavaMembers {
    private final JavaTypes types;

    JavaMembers(JavaTypes types) {
        this.types = types;
    }

    void fields(SyntaxNode node, TypeParts into) {
        Modifiers modifiers = JavaTypeTexts.modifiers(node);
        if (into.kind() == TypeKind.INTERFACE) {
            modifiers = modifiers.with(Visibility.PUBLIC).with(Mark.STATIC).with(Mark.FINAL);
        }
        TypeText type = JavaTypeTexts.type(node.child("type"));
        for (SyntaxNode declarator : node.children("declarator")) {
            SyntaxNode name = declarator.child("name");
            if (name == null) {
                continue;
            }
            var bodies = new JavaBodies(types);
            SyntaxNode value = declarator.child("value");
            Value initial = value == null ? null : bodies.values().heldBy(name.text(), value, type);
            TypeText full = type == null
                    ? null
                    : type.array(JavaTypeTexts.dimensions(declarator.child("dimensions")));
            into.fields()
                    .add(new FieldDeclared(name.text(), full, modifiers, FieldDeclared.Kind.FIELD, initial,
                            bodies.inner(), span(node, declarator)));
        }
    }

    private static SourceSpan span(SyntaxNode declaration, SyntaxNode declarator) {
        SourceSpan whole = declaration.span();
        SourceSpan own = declarator.span();
        boolean alone = declaration.children("declarator").size() == 1;
        int line = own.line();
        int column = alone && whole.line() == line ? whole.column() : own.column();
        return new SourceSpan(own.file(), line, column, own.endLine(), own.endColumn());
    }

    void constant(SyntaxNode node, TypeParts into) {
        String name = node.child("name").text();
        var bodies = new JavaBodies(types);
        TypeText type = TypeText.of(into.name());
        Value made = bodies.values().created(type, node.child("arguments"), node.child("body"), name, node.span());
        Modifiers modifiers = Modifiers.NONE.with(Visibility.PUBLIC).with(Mark.STATIC).with(Mark.FINAL);
        into.fields()
                .add(new FieldDeclared(name, type, modifiers, FieldDeclared.Kind.CONSTANT, made, bodies.inner(),
                        node.span()));
    }

    void operation(SyntaxNode node, TypeParts into) {
        SyntaxNode name = node.child("name");
        if (name == null) {
            return;
        }
        Modifiers modifiers = JavaTypeTexts.modifiers(node);
        SyntaxNode body = node.child("body");
        if (into.kind() == TypeKind.INTERFACE) {
            modifiers = modifiers.visibility() == Visibility.PRIVATE ? modifiers : modifiers.with(Visibility.PUBLIC);
            modifiers = body == null && !modifiers.has(Mark.DEFAULT) && !modifiers.has(Mark.STATIC)
                    ? modifiers.with(Mark.ABSTRACT)
                    : modifiers;
        }
        TypeText returns = JavaTypeTexts.type(node.child("type"));
        if (returns != null) {
            returns = returns.array(JavaTypeTexts.dimensions(node.child("dimensions")));
        }
        add(node, name.text(), Kind.OPERATION, modifiers, returns, body, into);
    }

    void constructor(SyntaxNode node, TypeParts into) {
        add(node, into.name(), Kind.CONSTRUCTOR, constructorModifiers(node, into), null,
                isHeader(node) ? null : node.child("body"), into);
    }

    /** The text of a compiled type tells nothing of bodies, but a constructor cannot be written without one. */
    private static boolean isHeader(SyntaxNode node) {
        return node.span().file().endsWith(".class");
    }

    private static Modifiers constructorModifiers(SyntaxNode node, TypeParts into) {
        Modifiers modifiers = JavaTypeTexts.modifiers(node);
        return into.kind() == TypeKind.ENUM ? modifiers.with(Visibility.PRIVATE) : modifiers;
    }

    void initialiser(SyntaxNode block, boolean isStatic, TypeParts into) {
        var bodies = new JavaBodies(types);
        Modifiers modifiers = Modifiers.NONE.with(Visibility.PRIVATE);
        into.operations()
                .add(new OperationDeclared(isStatic ? "<static>" : "<init>", Kind.INITIALISER,
                        isStatic ? modifiers.with(Mark.STATIC) : modifiers, List.of(), List.of(), null,
                        bodies.block(block), bodies.inner(), block.span()));
    }

    private void add(SyntaxNode node, String name, Kind kind, Modifiers modifiers, TypeText returns, SyntaxNode body,
            TypeParts into) {
        var bodies = new JavaBodies(types);
        List<Step> steps = body == null ? null : bodies.block(body);
        into.operations()
                .add(new OperationDeclared(name, kind, modifiers,
                        JavaTypeTexts.parameters(node.child("type_parameters")), parameters(node.child("parameters")),
                        returns,
                        steps, bodies.inner(), node.span()));
    }

    static List<ParameterDeclared> parameters(SyntaxNode node) {
        if (node == null) {
            return List.of();
        }
        List<ParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : node.children()) {
            if (child.is("formal_parameter")) {
                TypeText type = JavaTypeTexts.type(child.child("type"));
                SyntaxNode name = child.child("name");
                found.add(new ParameterDeclared(name == null ? "" : name.text(),
                        type == null ? null : type.array(JavaTypeTexts.dimensions(child.child("dimensions")))));
            } else if (child.is("spread_parameter")) {
                found.add(spread(child));
            } else if (child.is("identifier")) {
                found.add(new ParameterDeclared(child.text(), null));
            }
        }
        return found;
    }

    private static ParameterDeclared spread(SyntaxNode node) {
        TypeText type = null;
        String name = "";
        for (SyntaxNode child : node.children()) {
            if (child.is("variable_declarator")) {
                name = child.child("name").text();
            } else if (!child.is("modifiers") && !child.kind().endsWith("annotation")) {
                type = JavaTypeTexts.type(child);
            }
        }
        return new ParameterDeclared(name, type == null ? null : type.array(1));
    }

    /** The components of a record become its fields. */
    void components(SyntaxNode record, TypeParts into) {
        SyntaxNode list = record.child("parameters");
        List<ParameterDeclared> parameters = parameters(list);
        List<SyntaxNode> nodes = list == null ? List.of() : list.children();
        for (int i = 0; i < parameters.size(); i++) {
            Modifiers modifiers = Modifiers.NONE.with(Visibility.PRIVATE).with(Mark.FINAL);
            SourceSpan at = (i < nodes.size() ? nodes.get(i) : list).span();
            into.fields()
                    .add(new FieldDeclared(parameters.get(i).name(), parameters.get(i).type(), modifiers,
                            FieldDeclared.Kind.COMPONENT, null, List.of(), at));
        }
    }

    /** Runs before the components are set, so those settings are added behind it. */
    void compactConstructor(SyntaxNode node, TypeParts into) {
        var bodies = new JavaBodies(types);
        List<Step> steps = new ArrayList<>(bodies.block(node.child("body")));
        steps.addAll(settings(into, node.span()));
        into.operations()
                .add(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, JavaTypeTexts.modifiers(node), List.of(),
                        asParameters(into), null, steps, bodies.inner(), node.span()));
    }

    /** Adds what the language supplies: the constructor over all components and an accessor for each. */
    void completeRecord(TypeParts into) {
        List<FieldDeclared> components = componentsOf(into);
        boolean constructed = into.operations()
                .stream()
                .anyMatch(operation -> operation.kind() == Kind.CONSTRUCTOR
                        && operation.parameters().size() == components.size());
        if (!constructed && !components.isEmpty()) {
            SourceSpan at = components.getFirst().at();
            into.operations()
                    .add(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, publicOnes(), List.of(),
                            asParameters(into), null, settings(into, at), List.of(), at));
        }
        for (FieldDeclared component : components) {
            boolean declared = into.operations()
                    .stream()
                    .anyMatch(operation -> operation.name().equals(component.name())
                            && operation.parameters().isEmpty());
            if (!declared) {
                Step back = new Step.Return(new Value.Name(component.name(), component.at()), component.at());
                into.operations()
                        .add(new OperationDeclared(component.name(), Kind.OPERATION, publicOnes(), List.of(),
                                List.of(), component.type(), List.of(back), List.of(), component.at()));
            }
        }
    }

    private static Modifiers publicOnes() {
        return Modifiers.NONE.with(Visibility.PUBLIC);
    }

    private static List<FieldDeclared> componentsOf(TypeParts parts) {
        return parts.fields().stream().filter(field -> field.kind() == FieldDeclared.Kind.COMPONENT).toList();
    }

    private static List<ParameterDeclared> asParameters(TypeParts parts) {
        return componentsOf(parts).stream().map(field -> new ParameterDeclared(field.name(), field.type())).toList();
    }

    private static List<Step> settings(TypeParts parts, SourceSpan at) {
        List<Step> steps = new ArrayList<>();
        for (FieldDeclared field : componentsOf(parts)) {
            Value target = new Value.Member(new Value.Self(null, at), field.name(), at);
            steps.add(new Step.Do(new Value.Assign(target, new Value.Name(field.name(), at), true, at), at));
        }
        return steps;
    }
}
