package dev.huella.core.exchange.xmi;

import dev.huella.core.diagram.FindDiagram;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.exchange.xmi.UmlModel.Attribute;
import dev.huella.core.exchange.xmi.UmlModel.Binding;
import dev.huella.core.exchange.xmi.UmlModel.Classifier;
import dev.huella.core.exchange.xmi.UmlModel.Collaboration;
import dev.huella.core.exchange.xmi.UmlModel.Diagram;
import dev.huella.core.exchange.xmi.UmlModel.Edge;
import dev.huella.core.exchange.xmi.UmlModel.Features;
import dev.huella.core.exchange.xmi.UmlModel.Parameter;
import dev.huella.core.exchange.xmi.UmlModel.Shape;
import dev.huella.core.exchange.xmi.UmlModel.UmlOperation;
import dev.huella.core.exchange.xmi.UmlModel.UmlRelation;
import dev.huella.core.exchange.xmi.UmlModel.Waypoint;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Relation;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Makes what is exchanged out of a code base, its finds and its drawings. */
public final class UmlModelBuilder {
    private final String name;
    private final Map<CodeType, String> ids = new IdentityHashMap<>();
    private final Set<String> used = new HashSet<>();
    private final List<Classifier> classifiers = new ArrayList<>();
    private final List<UmlRelation> relations = new ArrayList<>();
    private final Map<List<String>, Integer> numbers = new HashMap<>();
    private final List<Collaboration> collaborations = new ArrayList<>();
    private final List<Diagram> diagrams = new ArrayList<>();

    public UmlModelBuilder(String name, Model model) {
        this.name = name;
        model.declared().stream().filter(type -> type.kind() != TypeKind.FUNCTION).forEach(this::add);
        model.outside().forEach(this::add);
        for (Relation relation : model.relations()) {
            String from = ids.get(relation.from());
            String to = ids.get(relation.to());
            if (from != null && to != null && relation.kind() != Relation.Kind.NESTING) {
                numbers.putIfAbsent(List.of(relation.kind().word(), from, to, relation.role()), relations.size());
                relations.add(new UmlRelation(relation.kind().word(), from, to, relation.role(),
                        relation.multiplicity() == null ? "" : relation.multiplicity().text(),
                        relation.stereotype() == null ? "" : relation.stereotype()));
            }
        }
    }

    public UmlModelBuilder with(PatternInstance find) {
        List<Binding> bindings = new ArrayList<>();
        find.players().forEach((role, players) -> players.forEach(player -> {
            if (player.element() instanceof CodeType type && ids.containsKey(type)) {
                bindings.add(new Binding(role, ids.get(type)));
            }
        }));
        collaborations.add(new Collaboration(find.pattern().id(), FindDiagram.title(find), bindings));
        return this;
    }

    public UmlModelBuilder with(Drawing drawing) {
        List<Shape> shapes = new ArrayList<>();
        for (Drawing.Area area : drawing.areas()) {
            if (area.box() != null && area.element() instanceof CodeType type && ids.containsKey(type)) {
                shapes.add(new Shape(ids.get(type), area.x(), area.y(), area.width(), area.height()));
            }
        }
        List<Edge> edges = new ArrayList<>();
        for (Drawing.Line line : drawing.lines()) {
            Integer number = numbers.get(List.of(line.link().ending().name().toLowerCase(java.util.Locale.ROOT),
                    line.link().from(), line.link().to(), line.link().role()));
            if (number != null) {
                edges.add(new Edge(number,
                        line.points().stream().map(point -> new Waypoint(point.x(), point.y())).toList()));
            }
        }
        diagrams.add(new Diagram(drawing.title(), shapes, edges));
        return this;
    }

    public UmlModel build() {
        return new UmlModel(name, classifiers, relations, collaborations, diagrams);
    }

    private void add(CodeType type) {
        if (ids.containsKey(type)) {
            return;
        }
        if (type.outer() != null && type.outer().kind() != TypeKind.FUNCTION) {
            add(type.outer());
        }
        String id = type.qualifiedName();
        for (int number = 2; !used.add(id); number++) {
            id = type.qualifiedName() + "#" + number;
        }
        ids.put(type, id);
        String outer = type.outer() == null ? "" : ids.getOrDefault(type.outer(), "");
        classifiers.add(new Classifier(id, type.name(), outer.isEmpty() ? type.namespace() : "", outer,
                type.kind().word(), type.external(), type.isAbstract(), type.modifiers().visibility(),
                type.external() ? List.of() : type.variables().stream().map(TypeVariable::name).toList(),
                type.external() ? new Features(List.of(), List.of(), List.of()) : features(type)));
    }

    private static Features features(CodeType type) {
        List<String> literals = type.declaredFields()
                .stream()
                .filter(field -> field.kind() == FieldDeclared.Kind.CONSTANT)
                .map(Field::name)
                .toList();
        List<Attribute> attributes = type.declaredFields()
                .stream()
                .filter(field -> field.kind() != FieldDeclared.Kind.CONSTANT)
                .map(field -> new Attribute(field.name(), text(field.type()), field.modifiers().visibility(),
                        field.isStatic(), field.held().many().text()))
                .toList();
        List<UmlOperation> operations = type.declaredOperations()
                .stream()
                .filter(operation -> operation.kind() != Kind.INITIALISER)
                .map(UmlModelBuilder::operation)
                .toList();
        return new Features(attributes, operations, literals);
    }

    private static UmlOperation operation(Operation operation) {
        return new UmlOperation(operation.name(),
                operation.parameters()
                        .stream()
                        .map(parameter -> new Parameter(parameter.name(), text(parameter.type())))
                        .toList(),
                operation.isConstructor() || operation.returns().isVoid() ? "" : text(operation.returns()),
                operation.modifiers().visibility(), operation.isStatic(), operation.isAbstract());
    }

    private static String text(TypeUse type) {
        return type.text() + "[]".repeat(type.dimensions());
    }
}
