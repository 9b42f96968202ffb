package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.molde.PatternDefinition;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * The few nodes and lines by which a pattern is known at a glance: its definition's diagram without texts and without those that
 * merely use it. Nodes stand on a grid, what is above in a higher row, so that lines are short and pass through no node; where
 * there are too many ways to place them, in the order of the roles.
 *
 * @param columns how many columns the grid has
 * @param rows how many rows; 0 where no role is a type's
 */
public record Thumbnail(List<Node> nodes, List<Line> lines, int columns, int rows) {
    private static final double THROUGH = 100;
    private static final double CROSSED = 10;
    /** What is above stands right above rather than aside. */
    private static final double ASLANT = 3;
    private static final double LATER = 1e-3;
    /** With more ways than this to place the nodes they stand in the order in which the definition names them. */
    private static final long MOST_WAYS = 50_000;

    public Thumbnail {
        nodes = List.copyOf(nodes);
        lines = List.copyOf(lines);
    }

    /**
     * A role.
     *
     * @param key a key role
     * @param many another one keeps any number of it
     */
    public record Node(int column, int row, boolean key, boolean many) {}

    /** A line from one node to another, by their places in the list; both are the same for a line back to itself. */
    public record Line(int from, int to, Ending ending) {}

    public static Thumbnail of(PatternDefinition pattern) {
        ClassDiagram whole = DefinitionDiagram.of(pattern);
        Set<String> left = new HashSet<>(DefinitionDiagram.users(pattern));
        pattern.roles()
                .stream()
                .filter(role -> role.least() == 0 && isThirdFromAbove(DefinitionDiagram.id(role.name()), whole.links()))
                .forEach(role -> left.add(role.name()));
        List<Box> boxes = whole.boxes().stream().filter(box -> !left.contains(box.head().name())).toList();
        List<String> ids = boxes.stream().map(Box::id).toList();
        List<Link> links = whole.links()
                .stream()
                .filter(link -> ids.contains(link.from()) && ids.contains(link.to()))
                .toList();
        List<Line> lines = links.stream()
                .map(link -> new Line(ids.indexOf(link.from()), ids.indexOf(link.to()), link.ending()))
                .toList();
        return new Placing(lines, boxes.size()).place(boxes, links);
    }

    /** A role that a find can do without and that only hangs below one which is below another. */
    private static boolean isThirdFromAbove(String id, List<Link> links) {
        List<Link> own = links.stream().filter(link -> link.from().equals(id) || link.to().equals(id)).toList();
        return own.size() == 1 && own.getFirst().ending() == Ending.GENERALIZATION && links.stream()
                .anyMatch(link -> link.ending() == Ending.GENERALIZATION && link.from().equals(own.getFirst().to()));
    }

    /** Looks for the places of nodes in their rows at which lines are shortest. */
    private static final class Placing {
        private final List<Line> lines;
        private final int[] row;
        private final int[] column;
        private final Map<Integer, List<Integer>> rows = new TreeMap<>();
        private int columns;
        private int[] best;
        private double least = Double.MAX_VALUE;

        Placing(List<Line> lines, int nodes) {
            this.lines = lines;
            this.row = new int[nodes];
            this.column = new int[nodes];
            settleRows();
            for (int node = 0; node < nodes; node++) {
                rows.computeIfAbsent(row[node], key -> new ArrayList<>()).add(node);
            }
            columns = rows.values().stream().mapToInt(List::size).max().orElse(1);
        }

        Thumbnail place(List<Box> boxes, List<Link> links) {
            if (ways() > MOST_WAYS) {
                rows.values().forEach(row -> row.forEach(node -> column[node] = row.indexOf(node)));
                best = column;
            } else {
                fill(new ArrayList<>(rows.values()), 0, 0, new HashSet<>());
            }
            Set<String> many = new HashSet<>();
            links.stream().filter(link -> link.multiplicity().endsWith("*")).forEach(link -> many.add(link.to()));
            List<Node> nodes = new ArrayList<>();
            for (int node = 0; node < row.length; node++) {
                Box box = boxes.get(node);
                nodes.add(new Node(best[node], row[node], box.focus(), many.contains(box.id())));
            }
            return new Thumbnail(nodes, lines, columns, rows.isEmpty() ? 0 : Collections.max(rows.keySet()) + 1);
        }

        private double ways() {
            double ways = 1;
            for (List<Integer> row : rows.values()) {
                for (int taken = 0; taken < row.size(); taken++) {
                    ways *= columns - taken;
                }
            }
            return ways;
        }

        /** Below what one is a kind of; else beside the one it is tied to. */
        private void settleRows() {
            for (int round = 0; round < row.length; round++) {
                for (Line line : lines) {
                    if (line.ending == Ending.GENERALIZATION) {
                        row[line.from] = Math.max(row[line.from], row[line.to] + 1);
                    }
                }
            }
            Map<Integer, Integer> beside = new LinkedHashMap<>();
            for (Line line : lines) {
                boolean free = lines.stream()
                        .noneMatch(other -> other.ending == Ending.GENERALIZATION
                                && (other.from == line.from || other.to == line.from));
                if (free && line.from != line.to) {
                    beside.putIfAbsent(line.from, row[line.to]);
                }
            }
            beside.forEach((node, at) -> row[node] = at);
        }

        private void fill(List<List<Integer>> left, int at, int next, Set<Integer> taken) {
            if (at == left.size()) {
                weigh();
            } else if (next == left.get(at).size()) {
                fill(left, at + 1, 0, new HashSet<>());
            } else {
                for (int place = 0; place < columns; place++) {
                    if (taken.add(place)) {
                        column[left.get(at).get(next)] = place;
                        fill(left, at, next + 1, taken);
                        taken.remove(place);
                    }
                }
            }
        }

        private void weigh() {
            double weight = 0;
            for (int i = 0; i < lines.size() && weight < least; i++) {
                Line line = lines.get(i);
                double across = column[line.from] - column[line.to];
                double down = row[line.from] - row[line.to];
                double aslant = line.ending == Ending.GENERALIZATION ? ASLANT : 1;
                weight += aslant * across * across + down * down + LATER * column[line.from];
                for (int node = 0; node < row.length; node++) {
                    weight += isBetween(node, line) ? THROUGH : 0;
                }
                for (int j = 0; j < i; j++) {
                    weight += cross(line, lines.get(j)) ? CROSSED : 0;
                }
            }
            if (weight < least) {
                least = weight;
                best = column.clone();
            }
        }

        private boolean isBetween(int node, Line line) {
            return node != line.from && node != line.to && turn(line.from, line.to, node) == 0
                    && isWithin(column[node], column[line.from], column[line.to])
                    && isWithin(row[node], row[line.from], row[line.to]);
        }

        private static boolean isWithin(int value, int one, int other) {
            return value >= Math.min(one, other) && value <= Math.max(one, other);
        }

        private boolean cross(Line one, Line other) {
            return turn(one.from, one.to, other.from) * turn(one.from, one.to, other.to) < 0
                    && turn(other.from, other.to, one.from) * turn(other.from, other.to, one.to) < 0;
        }

        /** On which side of the line from the first to the second the third lies; 0 for on it. */
        private int turn(int from, int to, int third) {
            return Integer.signum((column[to] - column[from]) * (row[third] - row[from])
                    - (row[to] - row[from]) * (column[third] - column[from]));
        }
    }
}
