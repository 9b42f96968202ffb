package dev.huella.core.exchange.xmi;

import dev.huella.core.exchange.xmi.UmlModel.Diagram;
import dev.huella.core.exchange.xmi.UmlModel.Edge;
import dev.huella.core.exchange.xmi.UmlModel.Shape;
import dev.huella.core.exchange.xmi.UmlModel.Waypoint;
import java.util.List;
import java.util.Map;
import javax.xml.stream.XMLStreamException;

/** Writes pictures in UML's diagram interchange: a shape for each classifier, an edge for each relation. */
final class DiagramXmi {
    private final XmlOut out;
    private final Map<String, String> classifiers;

    DiagramXmi(XmlOut out, Map<String, String> classifiers) {
        this.out = out;
        this.classifiers = classifiers;
    }

    void write(List<Diagram> diagrams) throws XMLStreamException {
        for (int i = 0; i < diagrams.size(); i++) {
            Diagram diagram = diagrams.get(i);
            String id = "d" + i;
            out.begin("umldi:UMLClassDiagram", "xmi:id", id, "xmi:type", "umldi:UMLClassDiagram", "name",
                    diagram.name(), "modelElement", "model", "isFrame", "false");
            int number = 0;
            for (Shape shape : diagram.shapes()) {
                out.begin("ownedUmlDiagramElement", "xmi:type", "umldi:UMLClassifierShape", "xmi:id",
                        id + ".s" + number++, "modelElement", classifiers.get(shape.classifier()));
                out.begin("bounds", "xmi:type", "dc:Bounds", "x", text(shape.x()), "y", text(shape.y()), "width",
                        text(shape.width()), "height", text(shape.height()));
                out.end();
                out.end();
            }
            number = 0;
            for (Edge edge : diagram.edges()) {
                out.begin("ownedUmlDiagramElement", "xmi:type", "umldi:UMLEdge", "xmi:id", id + ".e" + number++,
                        "modelElement", "r" + edge.relation());
                for (Waypoint point : edge.waypoints()) {
                    out.begin("waypoint", "xmi:type", "dc:Point", "x", text(point.x()), "y", text(point.y()));
                    out.end();
                }
                out.end();
            }
            out.end();
        }
    }

    private static String text(double value) {
        return Double.toString(value);
    }
}
