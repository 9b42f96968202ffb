package dev.huella.core.exchange.xmi;

import dev.huella.core.facts.Visibility;
import java.util.List;

/**
 * What is exchanged with other modelling tools: a code base as UML 2.5.1 has it. Types are known by their qualified
 * names; where two have the same, the later bears a number.
 *
 * @param classifiers in the order of the sources, outer types before inner ones
 */
public record UmlModel(String name, List<Classifier> classifiers, List<UmlRelation> relations,
        List<Collaboration> collaborations, List<Diagram> diagrams) {
    public UmlModel {
        classifiers = List.copyOf(classifiers);
        relations = List.copyOf(relations);
        collaborations = List.copyOf(collaborations);
        diagrams = List.copyOf(diagrams);
    }

    /**
     * A class, interface or enumeration.
     *
     * @param home dotted name of its package; empty for none
     * @param outer id of the type it stands in; empty for none
     * @param kind the word of the structure format: {@code class}, {@code record} and so on
     * @param features attributes and operations
     */
    public record Classifier(String id, String name, String home, String outer, String kind, boolean outside,
            boolean isAbstract, Visibility visibility, List<String> typeParameters, Features features) {
        public Classifier {
            typeParameters = List.copyOf(typeParameters);
        }
    }

    /** What a classifier has. */
    public record Features(List<Attribute> attributes, List<UmlOperation> operations, List<String> literals) {
        public Features {
            attributes = List.copyOf(attributes);
            operations = List.copyOf(operations);
            literals = List.copyOf(literals);
        }
    }

    /**
     * One attribute.
     *
     * @param type as written; empty when unknown
     * @param multiplicity {@code 1}, {@code 0..1} or {@code 0..*}
     */
    public record Attribute(String name, String type, Visibility visibility, boolean isStatic, String multiplicity) {}

    /** One operation; {@code returns} is empty when it gives nothing back or that is unknown. */
    public record UmlOperation(String name, List<Parameter> parameters, String returns, Visibility visibility,
            boolean isStatic, boolean isAbstract) {
        public UmlOperation {
            parameters = List.copyOf(parameters);
        }
    }

    /** One parameter; {@code type} is empty when unknown. */
    public record Parameter(String name, String type) {}

    /**
     * One relation between classifiers by their ids.
     *
     * @param kind the word of the structure format
     * @param role name of the end at {@code to}; empty for none
     * @param multiplicity at the end at {@code to}; empty for none
     * @param stereotype of a dependency; empty for none
     */
    public record UmlRelation(String kind, String from, String to, String role, String multiplicity,
            String stereotype) {}

    /** A find: which classifiers play which roles of a pattern. */
    public record Collaboration(String pattern, String title, List<Binding> bindings) {
        public Collaboration {
            bindings = List.copyOf(bindings);
        }
    }

    /** One classifier in a role. */
    public record Binding(String role, String classifier) {}

    /** Where classifiers and relations stand in a picture. */
    public record Diagram(String name, List<Shape> shapes, List<Edge> edges) {
        public Diagram {
            shapes = List.copyOf(shapes);
            edges = List.copyOf(edges);
        }
    }

    /** A classifier in a picture, in drawing units. */
    public record Shape(String classifier, double x, double y, double width, double height) {}

    /** A relation in a picture. {@code relation}: its place among the relations of the model. */
    public record Edge(int relation, List<Waypoint> waypoints) {
        public Edge {
            waypoints = List.copyOf(waypoints);
        }
    }

    /** A point of a line in a picture. */
    public record Waypoint(double x, double y) {}
}
