package dev.huella.core.layout;

import dev.huella.core.diagram.ClassDiagram;
import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.drawing.BoxSketch;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Fonts;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.LinkSketch;
import dev.huella.core.drawing.Mark;
import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.math.ElkPadding;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.options.EdgeRouting;
import org.eclipse.elk.core.util.BasicProgressMonitor;
import org.eclipse.elk.graph.ElkEdge;
import org.eclipse.elk.graph.ElkEdgeSection;
import org.eclipse.elk.graph.ElkLabel;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.util.ElkGraphUtil;

/** Lays a diagram out in layers, supertypes above, with lines at right angles. The same diagram gets the same drawing. */
public final class LayeredLayout {
    private static final double LABEL_SIZE = 10.5;
    private static final double MARGIN = 24;
    private final ClassDiagram diagram;
    private final Map<CodeType, ElkNode> nodes = new IdentityHashMap<>();
    private final Map<Link, ElkEdge> edges = new IdentityHashMap<>();
    private final List<Mark> marks = new ArrayList<>();
    private final List<Area> areas = new ArrayList<>();

    private LayeredLayout(ClassDiagram diagram) {
        this.diagram = diagram;
    }

    /** May take a second for hundreds of boxes; not for the interface thread. */
    public static Drawing layOut(ClassDiagram diagram) {
        return diagram.boxes().isEmpty() ? Drawing.EMPTY : new LayeredLayout(diagram).run();
    }

    private Drawing run() {
        ElkNode root = graph();
        new RecursiveGraphLayoutEngine().layout(root, new BasicProgressMonitor());
        for (Link link : diagram.links()) {
            paint(link);
        }
        for (Box box : diagram.boxes()) {
            ElkNode node = nodes.get(box.type());
            new BoxSketch(box).paint(node.getX(), node.getY(), marks, areas);
        }
        diagram.links().forEach(this::labels);
        return new Drawing(diagram.title(), root.getWidth(), root.getHeight(), marks, areas);
    }

    private ElkNode graph() {
        ElkNode root = ElkGraphUtil.createGraph();
        root.setProperty(CoreOptions.ALGORITHM, LayeredOptions.ALGORITHM_ID);
        root.setProperty(CoreOptions.EDGE_ROUTING, EdgeRouting.ORTHOGONAL);
        root.setProperty(CoreOptions.DIRECTION, Direction.UP);
        root.setProperty(CoreOptions.RANDOM_SEED, 1);
        root.setProperty(CoreOptions.PADDING, new ElkPadding(MARGIN));
        root.setProperty(CoreOptions.SPACING_NODE_NODE, 28.0);
        root.setProperty(CoreOptions.SPACING_EDGE_NODE, 16.0);
        root.setProperty(CoreOptions.SPACING_EDGE_EDGE, 12.0);
        root.setProperty(CoreOptions.SPACING_EDGE_LABEL, 4.0);
        root.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, 40.0);
        root.setProperty(LayeredOptions.SPACING_EDGE_NODE_BETWEEN_LAYERS, 18.0);
        root.setProperty(CoreOptions.ASPECT_RATIO, 1.4);
        for (Box box : diagram.boxes()) {
            ElkNode node = ElkGraphUtil.createNode(root);
            var sketch = new BoxSketch(box);
            node.setDimensions(sketch.width(), sketch.height());
            nodes.put(box.type(), node);
        }
        for (Link link : diagram.links()) {
            ElkEdge edge = ElkGraphUtil.createSimpleEdge(nodes.get(link.from()), nodes.get(link.to()));
            String text = text(link);
            if (!text.isEmpty()) {
                ElkLabel label = ElkGraphUtil.createLabel(text, edge);
                label.setDimensions(Fonts.width(text, LABEL_SIZE, false, false) + 4, 13);
            }
            edges.put(link, edge);
        }
        return root;
    }

    private static String text(Link link) {
        return link.multiplicity().isEmpty() ? link.label() : link.label() + "  " + link.multiplicity();
    }

    private void paint(Link link) {
        ElkEdge edge = edges.get(link);
        if (edge.getSections().isEmpty()) {
            return;
        }
        ElkEdgeSection section = edge.getSections().getFirst();
        List<Mark.Point> points = new ArrayList<>();
        belowTags(link.from(), section.getStartX(), section.getStartY(), points);
        points.add(new Mark.Point(section.getStartX(), section.getStartY()));
        section.getBendPoints().forEach(bend -> points.add(new Mark.Point(bend.getX(), bend.getY())));
        points.add(new Mark.Point(section.getEndX(), section.getEndY()));
        LinkSketch.paint(link, points, marks);
    }

    /** A line that leaves at the top of a box with tags starts at the box itself, behind the tags. */
    private void belowTags(CodeType type, double x, double y, List<Mark.Point> points) {
        ElkNode node = nodes.get(type);
        boolean tagged = diagram.boxes().stream().anyMatch(box -> box.type() == type && !box.tags().isEmpty());
        if (tagged && Math.abs(y - node.getY()) < 1) {
            points.add(new Mark.Point(x, y + BoxSketch.TAG_HEIGHT));
        }
    }

    private void labels(Link link) {
        for (ElkLabel label : edges.get(link).getLabels()) {
            marks.add(new Mark.Rect(label.getX(), label.getY(), label.getWidth(), label.getHeight(), 0, Ink.SHEET,
                    Ink.NONE, 0));
            marks.add(new Mark.Text(label.getX() + 2, label.getY() + 10, label.getText(), LABEL_SIZE, false, false,
                    false, link.broken() ? Ink.BROKEN : Ink.SECOND));
        }
    }
}
