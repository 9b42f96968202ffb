package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Takes apart lines at right angles that run over each other, so that each stretch is there once. */
final class LineTree {
    private LineTree() {}

    /** The stretches of all lines, level ones first, from top to bottom and left to right. */
    static List<List<Point>> of(List<List<Point>> lines) {
        Map<Double, List<double[]>> level = new TreeMap<>();
        Map<Double, List<double[]>> upright = new TreeMap<>();
        for (List<Point> line : lines) {
            for (int i = 1; i < line.size(); i++) {
                Point one = line.get(i - 1);
                Point two = line.get(i);
                if (one.y() == two.y()) {
                    add(level, one.y(), one.x(), two.x());
                } else {
                    add(upright, one.x(), one.y(), two.y());
                }
            }
        }
        List<List<Point>> found = new ArrayList<>();
        level.forEach((y, all) -> merged(all)
                .forEach(part -> found.add(List.of(new Point(part[0], y), new Point(part[1], y)))));
        upright.forEach((x, all) -> merged(all)
                .forEach(part -> found.add(List.of(new Point(x, part[0]), new Point(x, part[1])))));
        return found;
    }

    private static void add(Map<Double, List<double[]>> into, double at, double one, double two) {
        double key = Math.round(at * 100) / 100.0;
        into.computeIfAbsent(key, unknown -> new ArrayList<>())
                .add(new double[]{Math.min(one, two), Math.max(one, two)});
    }

    private static List<double[]> merged(List<double[]> all) {
        all.sort((one, two) -> Double.compare(one[0], two[0]));
        List<double[]> found = new ArrayList<>();
        for (double[] part : all) {
            if (!found.isEmpty() && part[0] <= found.getLast()[1]) {
                found.getLast()[1] = Math.max(found.getLast()[1], part[1]);
            } else {
                found.add(part.clone());
            }
        }
        return found;
    }
}
