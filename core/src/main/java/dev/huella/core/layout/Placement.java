package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where everything of a graph stands.
 *
 * @param boxes by id
 * @param frames by dotted name, outer ones first
 * @param routes one for each edge, in the order of the edges
 */
record Placement(double width, double height, Map<String, Place> boxes, Map<String, Place> frames,
        List<Route> routes) {
    Placement {
        boxes = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(boxes));
        frames = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(frames));
        routes = List.copyOf(routes);
    }

    /** A rectangle in drawing units. */
    record Place(double x, double y, double width, double height) {
        double right() {
            return x + width;
        }

        double bottom() {
            return y + height;
        }

        boolean meets(Place other) {
            return x < other.right() && other.x < right() && y < other.bottom() && other.y < bottom();
        }

        Place grown(double by) {
            return new Place(x - by, y - by, width + 2 * by, height + 2 * by);
        }

        Place moved(double dx, double dy) {
            return new Place(x + dx, y + dy, width, height);
        }

        /** True when the stretch between two points, level or upright, goes through the inside. */
        boolean cutBy(Point one, Point other) {
            return Math.max(one.x(), other.x()) > x && Math.min(one.x(), other.x()) < right()
                    && Math.max(one.y(), other.y()) > y && Math.min(one.y(), other.y()) < bottom();
        }
    }

    /** A line from box to box, with the places of its texts, or null for none. */
    record Route(List<Point> points, Place middle, Place end) {
        Route {
            points = List.copyOf(points);
        }
    }
}
