package dev.huella.core.reading.python;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Finds the attributes of one class: those of the class body, and those that its operations set on the receiver. */
final class PythonFields {
    private final PythonTypes types;
    private final TypeParts into;
    private final Map<String, Attribute> assigned = new LinkedHashMap<>();
    private final Map<String, FieldDeclared> classLevel = new LinkedHashMap<>();

    PythonFields(PythonTypes types, TypeParts into) {
        this.types = types;
        this.into = into;
    }

    /** An attribute set in an operation. {@code ofClass}: set on the class, not on one object. */
    private record Attribute(String name, TypeText type, boolean ofClass, SyntaxNode at) {}

    /** Notes what one operation sets on its first parameter. */
    void assignedInMethods(SyntaxNode member) {
        SyntaxNode definition = member.is("decorated_definition") ? member.child("definition") : member;
        if (definition == null || !definition.is("function_definition")) {
            return;
        }
        List<String> decorators = PythonTypes.decorators(member);
        List<ParameterDeclared> parameters = PythonTypes.parameters(definition.child("parameters"));
        if (parameters.isEmpty() || decorators.contains("staticmethod")) {
            return;
        }
        String self = parameters.getFirst().name();
        boolean ofClass = decorators.contains("classmethod") || definition.child("name").text().equals("__new__");
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(definition.child("body")));
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.is("assignment")) {
                targets(node, node.child("left"), self, ofClass);
            }
            node.children().reversed().forEach(open::push);
        }
    }

    private void targets(SyntaxNode assignment, SyntaxNode left, String self, boolean ofClass) {
        if (left == null) {
            return;
        }
        if (left.is("attribute")) {
            String object = left.child("object").text();
            boolean own = object.equals(self);
            if (own || object.equals(into.name()) || object.equals("type(self)") || object.equals("self.__class__")) {
                String name = left.child("attribute").text();
                if (name.equals("__dict__")) {
                    return; // all the others at once
                }
                var seen = new Attribute(name, PythonTypes.annotation(assignment.child("type")), ofClass || !own, left);
                assigned.merge(name, seen, (first, other) -> first.type == null && other.type != null
                        ? new Attribute(name, other.type, first.ofClass && other.ofClass, first.at)
                        : first);
            }
        } else if (left.is("pattern_list") || left.is("tuple_pattern")) {
            left.children().forEach(one -> targets(assignment, one, self, ofClass));
        }
    }

    /** {@code name: type = value} in the class body. */
    void atClassLevel(SyntaxNode statement, boolean data) {
        SyntaxNode assignment = statement.children().isEmpty() ? null : statement.children().getFirst();
        SyntaxNode left = assignment == null ? null : assignment.child("left");
        if (left == null || !assignment.is("assignment") || !left.is("identifier")
                || left.text().startsWith("__") && left.text().endsWith("__")) {
            return;
        }
        String name = left.text();
        SyntaxNode type = assignment.child("type");
        SyntaxNode right = assignment.child("right");
        var bodies = new PythonBodies(types, into.name(), true);
        Value initial = right == null ? null : bodies.heldBy(name, right);
        if (into.kind() == TypeKind.ENUM) {
            into.fields()
                    .add(new FieldDeclared(name, TypeText.of(into.name()),
                            PythonTypes.PUBLIC.with(Mark.STATIC).with(Mark.FINAL), FieldDeclared.Kind.CONSTANT, initial,
                            bodies.inner(), assignment.span()));
            return;
        }
        boolean ofObject = type != null && (data || right == null) && !type.text().contains("ClassVar")
                || assigned.containsKey(name) && !assigned.get(name).ofClass;
        var modifiers = PythonTypes.visibility(name);
        classLevel.put(name, PythonTypes.field(name, PythonTypes.annotation(type),
                ofObject ? modifiers : modifiers.with(Mark.STATIC), initial, bodies.inner(), assignment));
    }

    /** Adds all fields, class-level ones first. */
    void addAll() {
        classLevel.values().forEach(into.fields()::add);
        for (Attribute one : assigned.values()) {
            if (!classLevel.containsKey(one.name) && !isProperty(one.name)) {
                var modifiers = PythonTypes.visibility(one.name);
                into.fields()
                        .add(PythonTypes.field(one.name, one.type,
                                one.ofClass ? modifiers.with(Mark.STATIC) : modifiers,
                                null, List.of(), one.at));
            }
        }
    }

    private boolean isProperty(String name) {
        return into.operations()
                .stream()
                .anyMatch(operation -> operation.name().equals(name) && operation.modifiers().has(Mark.SETTER));
    }

    /** A data class has a constructor over its fields that nobody writes. */
    void dataConstructor() {
        List<ParameterDeclared> parameters = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (FieldDeclared field : classLevel.values()) {
            if (!field.modifiers().has(Mark.STATIC) && field.type() != null) {
                parameters.add(new ParameterDeclared(field.name(), field.type(), field.initial() != null));
                steps.add(new Step.Do(new Value.Assign(
                        new Value.Member(new Value.Self(null, field.at()), field.name(), field.at()),
                        new Value.Name(field.name(), field.at()), true, field.at()), field.at()));
            }
        }
        if (!parameters.isEmpty()) {
            into.operations()
                    .addFirst(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, PythonTypes.PUBLIC,
                            List.of(), parameters, null, steps, List.of(), classLevel.values().iterator().next().at()));
        }
    }
}
