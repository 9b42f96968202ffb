package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Node;
import java.util.HashMap;
import java.util.Map;

/** Gives boxes that were not there before a place to start from: beside what they are tied to. */
final class Newcomers {
    private static final double GAP = 40;

    private Newcomers() {}

    /** Places for all boxes of a graph; empty when there were none before. */
    static Map<String, Point> placed(Graph graph, Map<String, Point> before) {
        Map<String, Node> nodes = new HashMap<>();
        graph.nodes().forEach(node -> nodes.put(node.id(), node));
        Map<String, Point> found = new HashMap<>();
        before.forEach((id, at) -> {
            if (nodes.containsKey(id)) {
                found.put(id, at);
            }
        });
        if (found.isEmpty()) {
            return found;
        }
        boolean grown = true;
        while (grown) {
            grown = false;
            for (Edge edge : graph.edges()) {
                Point from = found.get(edge.from());
                Point to = found.get(edge.to());
                if (from == null && to != null) {
                    found.put(edge.from(), new Point(to.x() + 1, to.y() + nodes.get(edge.to()).height() + GAP));
                    grown = true;
                } else if (to == null && from != null) {
                    found.put(edge.to(), new Point(from.x() + 1, from.y() - nodes.get(edge.to()).height() - GAP));
                    grown = true;
                }
            }
        }
        double right = found.values().stream().mapToDouble(Point::x).max().orElse(0);
        graph.nodes().forEach(node -> found.putIfAbsent(node.id(), new Point(right + 2 * GAP, 0)));
        return found;
    }
}
