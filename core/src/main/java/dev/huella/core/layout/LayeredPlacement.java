package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Node;
import dev.huella.core.layout.Graph.Size;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.eclipse.elk.alg.layered.options.CenterEdgeLabelPlacementStrategy;
import org.eclipse.elk.alg.layered.options.CrossingMinimizationStrategy;
import org.eclipse.elk.alg.layered.options.CycleBreakingStrategy;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.alg.layered.options.LayeringStrategy;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.math.ElkPadding;
import org.eclipse.elk.core.math.KVector;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.options.EdgeLabelPlacement;
import org.eclipse.elk.core.options.EdgeRouting;
import org.eclipse.elk.core.options.HierarchyHandling;
import org.eclipse.elk.core.options.PortConstraints;
import org.eclipse.elk.core.options.PortSide;
import org.eclipse.elk.core.util.BasicProgressMonitor;
import org.eclipse.elk.graph.ElkConnectableShape;
import org.eclipse.elk.graph.ElkEdge;
import org.eclipse.elk.graph.ElkEdgeSection;
import org.eclipse.elk.graph.ElkLabel;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.ElkPort;
import org.eclipse.elk.graph.util.ElkGraphUtil;

/** Places boxes in layers, lines leading upwards and at right angles. The same graph is placed the same way. */
final class LayeredPlacement {
    private static final int FIRM = 100;
    private static final double MARGIN = 24;
    private static final double FRAME_HEAD = 34;
    private static final String MIDDLE = "middle";
    private static final String END = "end";
    /** A drawing that is wider than so many times its height uses little of what a person looks at. */
    private static final double WIDE = 1.4;
    /** Wide drawings of up to so many boxes are tried again in more rows. */
    private static final int FEW = 80;
    private static final int MOST_ROWS = 5;
    /** More rows make lines longer, so they must save at least this much of the room. */
    private static final double WORTH = 0.8;
    private static final int ANY = Integer.MAX_VALUE;
    private final Graph graph;
    private final Direction direction;
    /** How many boxes may stand in a row. */
    private final int most;
    /** Lines that are laid from their end to their beginning, so that what they lead to stands below. */
    private final Set<Edge> down;
    private final Map<String, Point> before;
    private final boolean loose;
    private final Map<String, ElkNode> nodes = new LinkedHashMap<>();
    private final Map<String, ElkNode> frames = new LinkedHashMap<>();
    private final Map<String, ElkPort> trunks = new HashMap<>();
    private final List<ElkEdge> edges = new ArrayList<>();

    private LayeredPlacement(Graph graph, Direction direction, Arrangement arrangement, int most,
            Set<Edge> down) {
        this.graph = graph;
        this.direction = direction;
        this.most = most;
        this.down = down;
        this.loose = arrangement.loose();
        this.before = Newcomers.placed(graph, arrangement.before());
    }

    /**
     * Places a graph with what lines lead to above.
     *
     * @param arrangement where boxes stood when they were last placed: who was left of whom stays so
     */
    static Placement upward(Graph graph, Arrangement arrangement) {
        return placed(graph, Direction.UP, arrangement);
    }

    /** Places a graph with what lines lead to at the right. */
    static Placement rightward(Graph graph, Arrangement arrangement) {
        return placed(graph, Direction.RIGHT, arrangement);
    }

    /** Parts that nothing ties together are packed; where boxes stood before, they stay where they were. */
    private static Placement placed(Graph graph, Direction direction, Arrangement arrangement) {
        boolean framed = graph.nodes().stream().anyMatch(node -> !frame(node).isEmpty());
        return arrangement.before().isEmpty() || arrangement.loose() || framed
                ? Packing.of(graph, part -> inRows(part, direction, arrangement, framed))
                : new LayeredPlacement(graph, direction, arrangement, ANY, Set.of()).run();
    }

    /** What has very many neighbours stands amid rows of them rather than under a single one. */
    private static Placement inRows(Graph part, Direction direction, Arrangement arrangement, boolean framed) {
        Placement wide = new LayeredPlacement(part, direction, arrangement, ANY, Set.of()).run();
        int boxes = part.nodes().size();
        if (framed || direction != Direction.UP || boxes > FEW || wide.width() < WIDE * wide.height()) {
            return wide;
        }
        Set<Edge> down = Sides.down(part);
        Placement best = wide;
        for (int rows = 1; rows <= MOST_ROWS; rows++) {
            int most = rows == 1 ? ANY : Math.ceilDiv(boxes, rows);
            Placement next = new LayeredPlacement(part, direction, arrangement, most, down).run();
            if (room(next) < WORTH * room(best)) {
                best = next;
            }
        }
        return best;
    }

    /** The longer side decides how small everything must be drawn. */
    private static double room(Placement placement) {
        return Math.max(placement.width(), placement.height());
    }

    private Placement run() {
        ElkNode root = ElkGraphUtil.createGraph();
        frames(root);
        options(root);
        for (Node node : graph.nodes()) {
            ElkNode made = ElkGraphUtil.createNode(frames.getOrDefault(frame(node), root));
            made.setDimensions(node.width(), node.height());
            Point old = before.get(node.id());
            if (old != null) {
                made.setLocation(old.x(), old.y());
                made.setProperty(LayeredOptions.POSITION, new KVector(old.x(), old.y()));
            }
            nodes.put(node.id(), made);
        }
        graph.edges().forEach(this::edge);
        new RecursiveGraphLayoutEngine().layout(root, new BasicProgressMonitor());
        return TextRoom.atEnds(graph, placement(root));
    }

    private static String frame(Node node) {
        return node.frame() == null ? "" : node.frame();
    }

    private void options(ElkNode root) {
        root.setProperty(CoreOptions.ALGORITHM, LayeredOptions.ALGORITHM_ID);
        root.setProperty(CoreOptions.EDGE_ROUTING, EdgeRouting.ORTHOGONAL);
        root.setProperty(CoreOptions.DIRECTION, direction);
        root.setProperty(CoreOptions.RANDOM_SEED, 1);
        root.setProperty(CoreOptions.PADDING, new ElkPadding(MARGIN));
        root.setProperty(CoreOptions.SEPARATE_CONNECTED_COMPONENTS, false);
        int size = graph.nodes().size() + graph.edges().size();
        root.setProperty(LayeredOptions.THOROUGHNESS, size > 4000 ? 1 : size > 400 ? 3 : 7);
        spacing(root);
        if (most != ANY) {
            root.setProperty(LayeredOptions.LAYERING_STRATEGY, LayeringStrategy.COFFMAN_GRAHAM);
            root.setProperty(LayeredOptions.LAYERING_COFFMAN_GRAHAM_LAYER_BOUND, most);
        }
        if (!before.isEmpty()) {
            root.setProperty(LayeredOptions.CROSSING_MINIMIZATION_SEMI_INTERACTIVE, true);
            if (frames.isEmpty() && !loose) {
                root.setProperty(LayeredOptions.CYCLE_BREAKING_STRATEGY, CycleBreakingStrategy.INTERACTIVE);
                root.setProperty(LayeredOptions.LAYERING_STRATEGY, LayeringStrategy.INTERACTIVE);
                root.setProperty(LayeredOptions.CROSSING_MINIMIZATION_STRATEGY,
                        CrossingMinimizationStrategy.INTERACTIVE);
            }
        }
    }

    private static void spacing(ElkNode node) {
        node.setProperty(CoreOptions.SPACING_NODE_NODE, 28.0);
        node.setProperty(CoreOptions.SPACING_EDGE_NODE, 16.0);
        node.setProperty(CoreOptions.SPACING_EDGE_EDGE, 12.0);
        node.setProperty(CoreOptions.SPACING_EDGE_LABEL, 3.0);
        node.setProperty(CoreOptions.SPACING_LABEL_LABEL, 4.0);
        node.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, 40.0);
        node.setProperty(LayeredOptions.SPACING_EDGE_NODE_BETWEEN_LAYERS, 18.0);
        node.setProperty(LayeredOptions.SPACING_EDGE_EDGE_BETWEEN_LAYERS, 12.0);
    }

    /** Frames are nodes with nodes inside; a frame stands in the nearest one whose name begins its own. */
    private void frames(ElkNode root) {
        var names = new TreeSet<String>();
        graph.nodes().stream().map(LayeredPlacement::frame).filter(name -> !name.isEmpty()).forEach(names::add);
        if (names.isEmpty()) {
            return;
        }
        root.setProperty(CoreOptions.HIERARCHY_HANDLING, HierarchyHandling.INCLUDE_CHILDREN);
        for (String name : names) {
            String outer = name;
            do {
                outer = outer.contains(".") ? outer.substring(0, outer.lastIndexOf('.')) : "";
            } while (!outer.isEmpty() && !frames.containsKey(outer));
            ElkNode made = ElkGraphUtil.createNode(frames.getOrDefault(outer, root));
            made.setProperty(CoreOptions.PADDING, new ElkPadding(FRAME_HEAD + 6, 18, 20, 18));
            made.setProperty(CoreOptions.HIERARCHY_HANDLING, HierarchyHandling.INCLUDE_CHILDREN);
            spacing(made);
            frames.put(name, made);
        }
    }

    private void edge(Edge edge) {
        ElkConnectableShape to = nodes.get(edge.to());
        if (edge.trunk() != null && !edge.from().equals(edge.to())) {
            to = trunks.computeIfAbsent(edge.trunk() + " " + edge.to(), key -> trunk(nodes.get(edge.to())));
        }
        boolean turned = down.contains(edge);
        ElkEdge made = turned
                ? ElkGraphUtil.createSimpleEdge(to, nodes.get(edge.from()))
                : ElkGraphUtil.createSimpleEdge(nodes.get(edge.from()), to);
        if (edge.firm()) {
            made.setProperty(LayeredOptions.PRIORITY_DIRECTION, FIRM);
        }
        label(made, MIDDLE, edge.middle(), CenterEdgeLabelPlacementStrategy.SPACE_EFFICIENT_LAYER);
        label(made, END, edge.end(),
                turned ? CenterEdgeLabelPlacementStrategy.TAIL_LAYER : CenterEdgeLabelPlacementStrategy.HEAD_LAYER);
        edges.add(made);
    }

    private ElkPort trunk(ElkNode node) {
        node.setProperty(CoreOptions.PORT_CONSTRAINTS, PortConstraints.FIXED_SIDE);
        ElkPort port = ElkGraphUtil.createPort(node);
        port.setProperty(CoreOptions.PORT_SIDE, direction == Direction.UP ? PortSide.SOUTH : PortSide.WEST);
        return port;
    }

    /** Texts at an end get room of their own as those in the middle do, in the layer next to the end. */
    private static void label(ElkEdge edge, String name, Size size, CenterEdgeLabelPlacementStrategy at) {
        if (size != null) {
            ElkLabel label = ElkGraphUtil.createLabel(name, edge);
            label.setDimensions(size.width(), size.height());
            label.setProperty(CoreOptions.EDGE_LABELS_PLACEMENT, EdgeLabelPlacement.CENTER);
            label.setProperty(LayeredOptions.EDGE_LABELS_CENTER_LABEL_PLACEMENT_STRATEGY, at);
        }
    }

    private Placement placement(ElkNode root) {
        Map<String, Place> boxes = new LinkedHashMap<>();
        nodes.forEach((id, node) -> boxes.put(id, place(node)));
        Map<String, Place> around = new LinkedHashMap<>();
        frames.forEach((name, node) -> around.put(name, place(node)));
        List<Route> routes = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            Route route = route(edges.get(i));
            routes.add(down.contains(graph.edges().get(i))
                    ? new Route(route.points().reversed(), route.middle(), route.end())
                    : route);
        }
        return new Placement(root.getWidth(), root.getHeight(), boxes, around, routes);
    }

    private static Place place(ElkNode node) {
        Point corner = corner(node.getParent());
        return new Place(corner.x() + node.getX(), corner.y() + node.getY(), node.getWidth(), node.getHeight());
    }

    /** The upper left corner of a node, counted from that of the whole. */
    private static Point corner(ElkNode node) {
        double x = 0;
        double y = 0;
        for (ElkNode at = node; at != null && at.getParent() != null; at = at.getParent()) {
            x += at.getX();
            y += at.getY();
        }
        return new Point(x, y);
    }

    private static Route route(ElkEdge edge) {
        Point from = corner(edge.getContainingNode());
        List<Point> points = new ArrayList<>();
        for (ElkEdgeSection section : edge.getSections()) {
            points.add(new Point(from.x() + section.getStartX(), from.y() + section.getStartY()));
            section.getBendPoints()
                    .forEach(bend -> points.add(new Point(from.x() + bend.getX(), from.y() + bend.getY())));
            points.add(new Point(from.x() + section.getEndX(), from.y() + section.getEndY()));
        }
        Place middle = null;
        Place end = null;
        for (ElkLabel label : edge.getLabels()) {
            var at = new Place(from.x() + label.getX(), from.y() + label.getY(), label.getWidth(), label.getHeight());
            if (label.getText().equals(END)) {
                end = at;
            } else {
                middle = at;
            }
        }
        return new Route(points, middle, end);
    }
}
