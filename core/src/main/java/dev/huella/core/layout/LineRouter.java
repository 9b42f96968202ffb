package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Placement.Place;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;

/**
 * Finds lines at right angles between boxes that stand where they stand, around all boxes: the shortest with few bends.
 * The ways it may take run along the edges of boxes, some units away.
 */
final class LineRouter {
    private static final double CLEAR = 12;
    private static final double BEND = 60;
    private static final double SHARED = 40;
    private final List<Place> boxes;
    private final Set<Point> taken = new HashSet<>();

    LineRouter(Collection<Place> boxes) {
        this.boxes = List.copyOf(boxes);
    }

    private record Step(int cell, int heading, double cost, double guess) {}

    /** A line from the border of one box to that of another; a loop at the side when both are the same. */
    List<Point> between(Place from, Place to) {
        if (from.equals(to)) {
            double x = from.right();
            double y = from.y() + Math.min(24, from.height() / 3);
            return List.of(new Point(x, y), new Point(x + 24, y), new Point(x + 24, y + 20), new Point(x, y + 20));
        }
        return new Search(from, to).run();
    }

    /** One search over the crossings of all ways. */
    private final class Search {
        private final Place from;
        private final Place to;
        private final double[] xs;
        private final double[] ys;
        private final double[] best;
        private final int[] came;

        Search(Place from, Place to) {
            this.from = from;
            this.to = to;
            var across = new TreeSet<Double>();
            var down = new TreeSet<Double>();
            for (Place box : boxes) {
                across.addAll(List.of(box.x() - CLEAR, box.right() + CLEAR));
                down.addAll(List.of(box.y() - CLEAR, box.bottom() + CLEAR));
            }
            for (Place end : List.of(from, to)) {
                for (double part : new double[]{0.25, 0.5, 0.75}) {
                    across.add(end.x() + end.width() * part);
                    down.add(end.y() + end.height() * part);
                }
            }
            xs = across.stream().mapToDouble(value -> value).toArray();
            ys = down.stream().mapToDouble(value -> value).toArray();
            best = new double[xs.length * ys.length * 2];
            came = new int[best.length];
            Arrays.fill(best, Double.MAX_VALUE);
        }

        List<Point> run() {
            var open = new PriorityQueue<Step>((one, other) -> one.guess != other.guess
                    ? Double.compare(one.guess, other.guess)
                    : Integer.compare(one.cell * 2 + one.heading, other.cell * 2 + other.heading));
            for (int cell = 0; cell < xs.length * ys.length; cell++) {
                for (int heading = 0; heading < 2; heading++) {
                    if (leaves(from, cell, heading)) {
                        offer(open, cell, heading, 0, -1);
                    }
                }
            }
            while (!open.isEmpty()) {
                Step step = open.poll();
                int state = step.cell * 2 + step.heading;
                if (step.cost > best[state]) {
                    continue;
                }
                if (leaves(to, step.cell, step.heading)) {
                    return line(state);
                }
                around(open, step);
            }
            return List.of(centre(from), new Point(centre(from).x(), centre(to).y()), centre(to));
        }

        private void around(PriorityQueue<Step> open, Step step) {
            int column = step.cell % xs.length;
            int row = step.cell / xs.length;
            int[][] next = {{column - 1, row, 0}, {column + 1, row, 0}, {column, row - 1, 1}, {column, row + 1, 1}};
            for (int[] way : next) {
                if (way[0] < 0 || way[0] >= xs.length || way[1] < 0 || way[1] >= ys.length) {
                    continue;
                }
                int cell = way[1] * xs.length + way[0];
                Point here = point(step.cell);
                Point there = point(cell);
                if (boxes.stream().noneMatch(box -> box.grown(1).cutBy(here, there))) {
                    double cost = step.cost + Math.abs(here.x() - there.x()) + Math.abs(here.y() - there.y())
                            + (way[2] == step.heading ? 0 : BEND) + (taken.contains(there) ? SHARED : 0);
                    offer(open, cell, way[2], cost, step.cell * 2 + step.heading);
                }
            }
        }

        private void offer(PriorityQueue<Step> open, int cell, int heading, double cost, int before) {
            int state = cell * 2 + heading;
            if (cost < best[state]) {
                best[state] = cost;
                came[state] = before;
                Point at = point(cell);
                Point goal = centre(to);
                open.add(new Step(cell, heading, cost, cost + Math.abs(at.x() - goal.x()) + Math.abs(at.y() - goal.y())
                        - to.width() - to.height()));
            }
        }

        /** True for a crossing just outside a box from which a line leads straight to its border. */
        private boolean leaves(Place box, int cell, int heading) {
            Point at = point(cell);
            boolean beside = at.y() > box.y() && at.y() < box.bottom();
            boolean above = at.x() > box.x() && at.x() < box.right();
            boolean free = boxes.stream().noneMatch(other -> other.grown(1).cutBy(at, at));
            return free && (heading == 0
                    ? beside && (at.x() == box.x() - CLEAR || at.x() == box.right() + CLEAR)
                    : above && (at.y() == box.y() - CLEAR || at.y() == box.bottom() + CLEAR));
        }

        private List<Point> line(int last) {
            List<Point> points = new ArrayList<>();
            points.add(border(to, point(last / 2), last % 2));
            int state = last;
            int first = last;
            while (state >= 0) {
                points.add(point(state / 2));
                taken.add(point(state / 2));
                first = state;
                state = came[state];
            }
            points.add(border(from, point(first / 2), first % 2));
            return straightened(points.reversed());
        }

        private Point border(Place box, Point at, int heading) {
            return heading == 0
                    ? new Point(at.x() < box.x() ? box.x() : box.right(), at.y())
                    : new Point(at.x(), at.y() < box.y() ? box.y() : box.bottom());
        }

        private Point point(int cell) {
            return new Point(xs[cell % xs.length], ys[cell / xs.length]);
        }
    }

    private static Point centre(Place box) {
        return new Point(box.x() + box.width() / 2, box.y() + box.height() / 2);
    }

    /** Without points between two that lie on one line with it. */
    static List<Point> straightened(List<Point> points) {
        List<Point> found = new ArrayList<>();
        for (Point point : points) {
            int size = found.size();
            if (size > 1) {
                Point before = found.get(size - 2);
                Point last = found.get(size - 1);
                if (before.x() == last.x() && last.x() == point.x()
                        || before.y() == last.y() && last.y() == point.y()) {
                    found.removeLast();
                }
            }
            if (found.isEmpty() || !found.getLast().equals(point)) {
                found.add(point);
            }
        }
        return found;
    }
}
