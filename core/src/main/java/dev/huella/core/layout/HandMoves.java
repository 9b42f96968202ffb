package dev.huella.core.layout;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Puts boxes where a person wants them; lines that no longer fit are found anew, the others stay. */
final class HandMoves {
    private static final double MARGIN = 24;
    /** Boxes stay so far inside the drawing that frames and lines around them do, too. */
    private static final double LEFTMOST = 24;
    private static final double TOPMOST = 44;
    private final Graph graph;
    private final Placement placed;
    private final Map<String, Place> boxes;

    private HandMoves(Graph graph, Placement placed, Map<String, Point> moved) {
        this.graph = graph;
        this.placed = placed;
        boxes = new LinkedHashMap<>(placed.boxes());
        moved.forEach((id, to) -> boxes.computeIfPresent(id,
                (key, old) -> new Place(Math.max(LEFTMOST, to.x()), Math.max(TOPMOST, to.y()), old.width(),
                        old.height())));
    }

    /** The same graph with some boxes moved to where their upper left corners are wanted. */
    static Placement apply(Graph graph, Placement placed, Map<String, Point> moved) {
        return moved.keySet().stream().noneMatch(placed.boxes()::containsKey)
                ? placed
                : new HandMoves(graph, placed, moved).run();
    }

    private Placement run() {
        var router = new LineRouter(boxes.values());
        List<Route> routes = new ArrayList<>(placed.routes());
        List<Integer> anew = new ArrayList<>();
        for (int i = 0; i < routes.size(); i++) {
            if (stale(graph.edges().get(i), routes.get(i))) {
                Edge edge = graph.edges().get(i);
                routes.set(i, new Route(router.between(boxes.get(edge.from()), boxes.get(edge.to())), null, null));
                anew.add(i);
            }
        }
        for (int i = 0; i < routes.size(); i++) {
            if (!anew.contains(i) && TextRoom.cut(routes.get(i), routes)) {
                routes.set(i, new Route(routes.get(i).points(), null, null));
                anew.add(i);
            }
        }
        var texts = new TextRoom(boxes.values(), routes);
        for (int i : anew) {
            routes.set(i, texts.place(graph.edges().get(i), routes.get(i)));
        }
        return around(routes);
    }

    private boolean stale(Edge edge, Route route) {
        if (!boxes.get(edge.from()).equals(placed.boxes().get(edge.from()))
                || !boxes.get(edge.to()).equals(placed.boxes().get(edge.to()))) {
            return true;
        }
        for (Place box : boxes.values()) {
            for (int i = 1; i < route.points().size(); i++) {
                if (box.cutBy(route.points().get(i - 1), route.points().get(i))) {
                    return true;
                }
            }
            if (route.middle() != null && box.meets(route.middle())
                    || route.end() != null && box.meets(route.end())) {
                return true;
            }
        }
        return false;
    }

    /** Frames grow to hold what is in them, and the drawing to hold everything. */
    private Placement around(List<Route> routes) {
        Map<String, Place> frames = new LinkedHashMap<>();
        placed.frames().forEach((name, old) -> frames.put(name, frame(name, old)));
        double right = 0;
        double bottom = 0;
        List<Place> all = new ArrayList<>(boxes.values());
        all.addAll(frames.values());
        for (Route route : routes) {
            route.points().forEach(point -> all.add(new Place(point.x(), point.y(), 0, 0)));
            if (route.end() != null) {
                all.add(route.end());
            }
        }
        for (Place place : all) {
            right = Math.max(right, place.right());
            bottom = Math.max(bottom, place.bottom());
        }
        return new Placement(right + MARGIN, bottom + MARGIN, boxes, frames, routes);
    }

    private Place frame(String name, Place old) {
        double x = old.x();
        double y = old.y();
        double right = old.right();
        double bottom = old.bottom();
        for (Graph.Node node : graph.nodes()) {
            if (node.frame() != null && (node.frame().equals(name) || node.frame().startsWith(name + "."))) {
                Place box = boxes.get(node.id());
                x = Math.min(x, box.x() - 18);
                y = Math.min(y, box.y() - 40);
                right = Math.max(right, box.right() + 18);
                bottom = Math.max(bottom, box.bottom() + 20);
            }
        }
        return new Place(x, y, right - x, bottom - y);
    }

    /** The same line elsewhere. */
    static Route shifted(Route route, double dx, double dy) {
        return new Route(route.points().stream().map(point -> new Point(point.x() + dx, point.y() + dy)).toList(),
                route.middle() == null ? null : route.middle().moved(dx, dy),
                route.end() == null ? null : route.end().moved(dx, dy));
    }
}
