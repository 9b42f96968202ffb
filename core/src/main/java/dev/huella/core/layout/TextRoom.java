package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Size;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds room beside lines for their texts where no box, no line and no other text is. What is taken stands in a grid. */
final class TextRoom {
    private static final double CELL = 120;
    private static final double HEAD = 16;
    private final Map<Long, List<Place>> cells = new HashMap<>();

    TextRoom(Collection<Place> boxes, List<Route> routes) {
        boxes.forEach(this::take);
        for (Route route : routes) {
            take(head(route.points().getFirst(), route.points().get(1)));
            take(head(route.points().getLast(), route.points().get(route.points().size() - 2)));
            for (int i = 1; i < route.points().size(); i++) {
                take(stretch(route.points().get(i - 1), route.points().get(i)));
            }
            if (route.middle() != null) {
                take(route.middle());
            }
            if (route.end() != null) {
                take(route.end());
            }
        }
    }

    /** The same with each text at an end as near to that end as there is room. */
    static Placement atEnds(Graph graph, Placement placed) {
        List<Route> routes = new ArrayList<>(placed.routes());
        var room = new TextRoom(placed.boxes().values(), routes);
        for (int i = 0; i < routes.size(); i++) {
            Route route = routes.get(i);
            if (route.end() != null) {
                room.leave(route.end());
                Place near = room.near(route.points().reversed(), graph.edges().get(i).end(), 0);
                Place end = near != null ? near : route.end();
                room.take(end);
                routes.set(i, new Route(route.points(), route.middle(), end));
            }
        }
        return new Placement(placed.width(), placed.height(), placed.boxes(), placed.frames(), routes);
    }

    /** The same line with places for its texts, as far as there is room. */
    Route place(Edge edge, Route route) {
        Place end = edge.end() == null ? null : near(route.points().reversed(), edge.end(), 0);
        if (end != null) {
            take(end);
        }
        double half = length(route.points()) / 2;
        Place middle = edge.middle() == null ? null : near(route.points(), edge.middle(), half);
        if (middle != null) {
            take(middle);
        }
        return new Route(route.points(), middle, end);
    }

    /** True when a line goes through a text of this one. */
    static boolean cut(Route route, List<Route> lines) {
        return lines.stream()
                .anyMatch(line -> route.middle() != null && cut(route.middle(), line)
                        || route.end() != null && cut(route.end(), line));
    }

    private static boolean cut(Place text, Route line) {
        for (int i = 1; i < line.points().size(); i++) {
            if (text.cutBy(line.points().get(i - 1), line.points().get(i))) {
                return true;
            }
        }
        return false;
    }

    private static Place stretch(Point one, Point two) {
        return new Place(Math.min(one.x(), two.x()), Math.min(one.y(), two.y()), Math.abs(one.x() - two.x()),
                Math.abs(one.y() - two.y()));
    }

    /** Room for the arrow head or diamond at an end, on the side of the line. */
    private static Place head(Point end, Point before) {
        double dx = Math.signum(before.x() - end.x());
        double dy = Math.signum(before.y() - end.y());
        return new Place(end.x() + (dx < 0 ? -HEAD : dx > 0 ? 0 : -7), end.y() + (dy < 0 ? -HEAD : dy > 0 ? 0 : -7),
                dx == 0 ? 14 : HEAD, dy == 0 ? 14 : HEAD);
    }

    private interface Cell {
        /** False to end the walk. */
        boolean visit(long key);
    }

    private static boolean cells(Place place, Cell cell) {
        for (int x = (int) Math.floor(place.x() / CELL); x <= Math.floor(place.right() / CELL); x++) {
            for (int y = (int) Math.floor(place.y() / CELL); y <= Math.floor(place.bottom() / CELL); y++) {
                if (!cell.visit(((long) x << 32) ^ (y & 0xFFFFFFFFL))) {
                    return false;
                }
            }
        }
        return true;
    }

    private void take(Place place) {
        cells(place, key -> cells.computeIfAbsent(key, unknown -> new ArrayList<>()).add(place));
    }

    private void leave(Place place) {
        cells(place, key -> {
            cells.get(key).remove(place);
            return true;
        });
    }

    private boolean free(Place place) {
        return cells(place, key -> {
            for (Place other : cells.getOrDefault(key, List.of())) {
                if (other.meets(place)) {
                    return false;
                }
            }
            return true;
        });
    }

    /** Free room at the line, as near as can be to a point so far along it; null when there is none. */
    private Place near(List<Point> line, Size size, double along) {
        Place nearest = null;
        double least = Double.MAX_VALUE;
        double passed = 0;
        for (int i = 1; i < line.size(); i++) {
            Point one = line.get(i - 1);
            Point two = line.get(i);
            double step = Math.hypot(two.x() - one.x(), two.y() - one.y());
            for (double at = 4; at < Math.max(5, step); at += 6) {
                double away = Math.abs(passed + at - along);
                if (away < least) {
                    double x = one.x() + (two.x() - one.x()) * Math.min(1, at / Math.max(1, step));
                    double y = one.y() + (two.y() - one.y()) * Math.min(1, at / Math.max(1, step));
                    double aside = 0;
                    for (Place candidate : beside(x, y, one.x() == two.x(), size)) {
                        double far = away + aside++ * 5;
                        if (far < least && free(candidate)) {
                            least = far;
                            nearest = candidate;
                        }
                    }
                }
            }
            passed += step;
        }
        return nearest;
    }

    /** At both sides of a point of a line, close to it first. */
    private static List<Place> beside(double x, double y, boolean upright, Size size) {
        List<Place> found = new ArrayList<>();
        for (double away = 4; away < 24; away += 6) {
            double left = upright ? x + away : x - size.width() / 2;
            double top = upright ? y - size.height() / 2 : y - away - size.height();
            double right = upright ? x - away - size.width() : left;
            double below = upright ? top : y + away;
            found.add(new Place(left, top, size.width(), size.height()));
            found.add(new Place(right, below, size.width(), size.height()));
        }
        return found;
    }

    private static double length(List<Point> points) {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += Math.hypot(points.get(i).x() - points.get(i - 1).x(), points.get(i).y() - points.get(i - 1).y());
        }
        return length;
    }
}
