package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Size;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** Finds room beside lines for their texts where no box, no other line and no other text is. */
final class TextRoom {
    private final List<Place> full = new ArrayList<>();
    private final List<Route> routes;

    TextRoom(Collection<Place> boxes, List<Route> routes) {
        this(boxes, routes, -1);
    }

    /** {@code but}: the number of the line whose texts take no room. */
    private TextRoom(Collection<Place> boxes, List<Route> routes, int but) {
        full.addAll(boxes);
        this.routes = List.copyOf(routes);
        for (int i = 0; i < routes.size(); i++) {
            Route route = routes.get(i);
            full.add(head(route.points().getLast()));
            full.add(head(route.points().getFirst()));
            if (i == but) {
                continue;
            }
            if (route.middle() != null) {
                full.add(route.middle());
            }
            if (route.end() != null) {
                full.add(route.end());
            }
        }
    }

    /** The same with each text at an end as near to that end as there is room. */
    static Placement atEnds(Graph graph, Placement placed) {
        List<Route> routes = new ArrayList<>(placed.routes());
        for (int i = 0; i < routes.size(); i++) {
            Route route = routes.get(i);
            if (route.end() != null) {
                var room = new TextRoom(placed.boxes().values(), routes, i);
                Place near = room.room(route.points().reversed(), graph.edges().get(i).end(), 0);
                routes.set(i, new Route(route.points(), route.middle(), near != null ? near : route.end()));
            }
        }
        return new Placement(placed.width(), placed.height(), placed.boxes(), placed.frames(), routes);
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

    /** The same line with places for its texts. */
    Route place(Edge edge, Route route) {
        Place end = edge.end() == null ? null : room(route.points().reversed(), edge.end(), 0);
        if (end != null) {
            full.add(end);
        }
        double half = length(route.points()) / 2;
        Place middle = edge.middle() == null ? null : room(route.points(), edge.middle(), half);
        if (middle != null) {
            full.add(middle);
        }
        return new Route(route.points(), middle, end);
    }

    /** Room for the arrow head or diamond at an end. */
    private static Place head(Point end) {
        return new Place(end.x() - 7, end.y() - 7, 14, 14);
    }

    /** Free room at the line, as near as can be to a point so far along it; null when there is none. */
    private Place room(List<Point> line, Size size, double along) {
        Place nearest = null;
        double least = Double.MAX_VALUE;
        double passed = 0;
        for (int i = 1; i < line.size(); i++) {
            Point one = line.get(i - 1);
            Point two = line.get(i);
            double step = Math.hypot(two.x() - one.x(), two.y() - one.y());
            for (double at = 4; at < Math.max(5, step); at += 6) {
                double x = one.x() + (two.x() - one.x()) * Math.min(1, at / Math.max(1, step));
                double y = one.y() + (two.y() - one.y()) * Math.min(1, at / Math.max(1, step));
                double aside = 0;
                for (Place candidate : beside(x, y, one.x() == two.x(), size)) {
                    double far = Math.abs(passed + at - along) + aside++ * 5;
                    if (far < least && free(candidate)) {
                        least = far;
                        nearest = candidate;
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

    private boolean free(Place place) {
        for (Place other : full) {
            if (other.meets(place)) {
                return false;
            }
        }
        return routes.stream().noneMatch(route -> cut(place, route));
    }

    private static double length(List<Point> points) {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += Math.hypot(points.get(i).x() - points.get(i - 1).x(), points.get(i).y() - points.get(i - 1).y());
        }
        return length;
    }
}
