package dev.huella.core.layout;

import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Node;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Places parts of a graph that nothing ties together one by one, and puts them side by side in rows. */
final class Packing {
    private static final double GAP = 4;
    private static final double MARGIN = 24;
    private static final double ASPECT = 1.6;

    private Packing() {}

    /** {@code place}: how one part is placed. */
    static Placement of(Graph graph, Function<Graph, Placement> place) {
        List<Graph> parts = parts(graph);
        if (parts.size() == 1) {
            return place.apply(graph);
        }
        List<Placement> placed = parts.stream().map(place).toList();
        double area = placed.stream().mapToDouble(one -> one.width() * one.height()).sum();
        double widest = placed.stream().mapToDouble(Placement::width).max().orElse(0);
        double limit = Math.max(widest, Math.sqrt(area * ASPECT) * 1.1);
        Map<String, Place> boxes = new LinkedHashMap<>();
        Map<String, Place> frames = new LinkedHashMap<>();
        Map<Edge, List<Route>> routes = new HashMap<>();
        double x = 0;
        double y = 0;
        double row = 0;
        double width = 0;
        for (int i = 0; i < placed.size(); i++) {
            Placement one = placed.get(i);
            double across = one.width() - 2 * MARGIN;
            if (x > 0 && x + across > limit) {
                x = 0;
                y += row + 28 + GAP;
                row = 0;
            }
            double dx = x;
            double dy = y;
            one.boxes().forEach((id, box) -> boxes.put(id, box.moved(dx, dy)));
            one.frames().forEach((name, frame) -> frames.put(name, frame.moved(dx, dy)));
            for (int edge = 0; edge < one.routes().size(); edge++) {
                routes.computeIfAbsent(parts.get(i).edges().get(edge), key -> new ArrayList<>())
                        .add(HandMoves.shifted(one.routes().get(edge), dx, dy));
            }
            x += across + 28 + GAP;
            width = Math.max(width, dx + one.width());
            row = Math.max(row, one.height() - 2 * MARGIN);
        }
        List<Route> inOrder = graph.edges().stream().map(edge -> routes.get(edge).removeFirst()).toList();
        return new Placement(width, y + row + 2 * MARGIN, boxes, frames, inOrder);
    }

    /** What edges or one outermost frame tie together; parts with edges first, each in the order of the graph. */
    private static List<Graph> parts(Graph graph) {
        Map<String, String> leader = new HashMap<>();
        Map<String, String> frames = new HashMap<>();
        List<String> outer = outermost(graph);
        for (Node node : graph.nodes()) {
            leader.put(node.id(), node.id());
        }
        for (Node node : graph.nodes()) {
            if (node.frame() != null && !node.frame().isEmpty()) {
                String frame = outer.stream()
                        .filter(name -> node.frame().equals(name) || node.frame().startsWith(name + "."))
                        .findFirst()
                        .orElseThrow();
                String first = frames.putIfAbsent(frame, node.id());
                if (first != null) {
                    leader.put(find(leader, node.id()), find(leader, first));
                }
            }
        }
        graph.edges().forEach(edge -> leader.put(find(leader, edge.from()), find(leader, edge.to())));
        Map<String, List<Node>> nodes = new LinkedHashMap<>();
        Map<String, List<Edge>> edges = new HashMap<>();
        graph.nodes()
                .forEach(node -> nodes.computeIfAbsent(find(leader, node.id()), key -> new ArrayList<>()).add(node));
        graph.edges()
                .forEach(edge -> edges.computeIfAbsent(find(leader, edge.from()), key -> new ArrayList<>()).add(edge));
        List<Graph> parts = new ArrayList<>();
        List<Graph> single = new ArrayList<>();
        nodes.forEach((key, all) -> {
            var part = new Graph(all, edges.getOrDefault(key, List.of()));
            (all.size() > 1 ? parts : single).add(part);
        });
        parts.addAll(single);
        return parts;
    }

    private static List<String> outermost(Graph graph) {
        List<String> all = graph.nodes()
                .stream()
                .map(Node::frame)
                .filter(frame -> frame != null && !frame.isEmpty())
                .distinct()
                .toList();
        return all.stream()
                .filter(name -> all.stream().noneMatch(other -> name.startsWith(other + ".")))
                .toList();
    }

    private static String find(Map<String, String> leader, String id) {
        String at = id;
        while (!leader.get(at).equals(at)) {
            leader.put(at, leader.get(leader.get(at)));
            at = leader.get(at);
        }
        return at;
    }
}
