package dev.huella.core.layout;

import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Node;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Which neighbours of a box with very many of them can stand below it, so that the drawing is not one long row. */
final class Sides {
    /** Fewer than so many stand well in one row. */
    private static final int MANY = 6;

    private Sides() {}

    /** Lines to about half the width of what only their beginning knows; none where nothing has many such neighbours. */
    static Set<Edge> down(Graph graph) {
        Map<String, Set<String>> known = new LinkedHashMap<>();
        Set<String> firm = new HashSet<>();
        for (Edge edge : graph.edges()) {
            known.computeIfAbsent(edge.from(), key -> new LinkedHashSet<>()).add(edge.to());
            known.computeIfAbsent(edge.to(), key -> new LinkedHashSet<>()).add(edge.from());
            if (edge.firm() || edge.trunk() != null) {
                firm.add(edge.from() + " " + edge.to());
            }
        }
        Map<String, List<Edge>> alone = graph.edges()
                .stream()
                .filter(edge -> !edge.from().equals(edge.to()) && !firm.contains(edge.from() + " " + edge.to())
                        && !firm.contains(edge.to() + " " + edge.from())
                        && isKnownOnlyBy(edge.from(), known.get(edge.to()), edge.to()))
                .collect(Collectors.groupingBy(Edge::from, LinkedHashMap::new, Collectors.toList()));
        Map<String, Double> widths = graph.nodes().stream().collect(Collectors.toMap(Node::id, Node::width));
        return alone.values()
                .stream()
                .max(Comparator.comparingInt(edges -> ends(edges).size()))
                .filter(edges -> ends(edges).size() >= MANY)
                .map(edges -> half(edges, widths))
                .orElse(Set.of());
    }

    private static boolean isKnownOnlyBy(String hub, Set<String> neighbours, String itself) {
        return neighbours.stream().allMatch(one -> one.equals(hub) || one.equals(itself));
    }

    private static Set<String> ends(List<Edge> edges) {
        return edges.stream().map(Edge::to).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** From the last on, so that what comes first stays above. */
    private static Set<Edge> half(List<Edge> edges, Map<String, Double> widths) {
        List<String> ends = List.copyOf(ends(edges));
        double all = ends.stream().mapToDouble(widths::get).sum();
        Set<String> below = new HashSet<>();
        double width = 0;
        for (String end : ends.reversed()) {
            if (width + widths.get(end) <= all / 2) {
                below.add(end);
                width += widths.get(end);
            }
        }
        return edges.stream().filter(edge -> below.contains(edge.to())).collect(Collectors.toSet());
    }
}
