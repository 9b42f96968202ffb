package dev.huella.core.layout;

import dev.huella.core.diagram.ClassDiagram;
import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.RoleComparison;
import dev.huella.core.drawing.BoxSketch;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Drawing.Line;
import dev.huella.core.drawing.Fonts;
import dev.huella.core.drawing.FrameSketch;
import dev.huella.core.drawing.Ink;
import dev.huella.core.drawing.LinkSketch;
import dev.huella.core.drawing.Mark;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Node;
import dev.huella.core.layout.Graph.Size;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A class diagram becomes a drawing: supertypes above, packages as frames. The same diagram gets the same drawing. */
public final class ClassLayout {
    private static final double LABEL_SIZE = 10.5;
    private static final double GAP = 40;
    private final ClassDiagram diagram;
    private final Map<String, BoxSketch> sketches = new LinkedHashMap<>();
    private final List<Mark> marks = new ArrayList<>();
    private final List<Area> areas = new ArrayList<>();
    private final List<Line> lines = new ArrayList<>();

    ClassLayout(ClassDiagram diagram) {
        this.diagram = diagram;
        diagram.boxes().forEach(box -> sketches.put(box.id(), new BoxSketch(box)));
    }

    /** May take a second for hundreds of boxes; not for the interface thread. */
    public static Drawing layOut(ClassDiagram diagram, Arrangement arrangement) {
        if (diagram.boxes().isEmpty()) {
            return Drawing.EMPTY;
        }
        var layout = new ClassLayout(diagram);
        Graph graph = layout.graph();
        Placement placed = LayeredPlacement.upward(graph, arrangement);
        return layout.paint(HandMoves.apply(graph, placed, arrangement.moved()));
    }

    public static Drawing layOut(ClassDiagram diagram) {
        return layOut(diagram, Arrangement.NONE);
    }

    /** Two diagrams side by side: the definition, and the players ordered as the roles they face. */
    public static Drawing layOut(RoleComparison comparison) {
        Drawing left = layOut(comparison.definition());
        Map<String, Point> roles = positions(left);
        Map<String, Point> before = new HashMap<>();
        comparison.roleOf().forEach((box, role) -> {
            if (roles.containsKey(role)) {
                before.put(box, roles.get(role));
            }
        });
        Drawing right = layOut(comparison.players(), new Arrangement(before, Map.of(), true));
        return left.beside(right, GAP, comparison.players().title());
    }

    /** Where the boxes of a drawing stand, by their ids. */
    public static Map<String, Point> positions(Drawing drawing) {
        Map<String, Point> found = new HashMap<>();
        for (Area area : drawing.areas()) {
            if (area.box() != null) {
                found.put(area.box(), new Point(area.x(), area.y()));
            }
        }
        return found;
    }

    Graph graph() {
        List<Node> nodes = diagram.boxes()
                .stream()
                .map(box -> new Node(box.id(), sketches.get(box.id()).width(), sketches.get(box.id()).height(),
                        box.frame()))
                .toList();
        List<Edge> edges = diagram.links()
                .stream()
                .map(link -> new Edge(link.from(), link.to(), link.joins() ? link.ending().name() : null,
                        link.ending().upward(), size(link.label()), size(end(link))))
                .toList();
        return new Graph(nodes, edges);
    }

    private static Size size(String text) {
        return text.isEmpty() ? null : new Size(Fonts.width(text, LABEL_SIZE, false, false) + 4, 13);
    }

    private static String end(Link link) {
        return (link.role() + "  " + link.multiplicity()).strip();
    }

    private Drawing paint(Placement placed) {
        placed.frames()
                .forEach((name, place) -> FrameSketch.paint(name, place.x(), place.y(), place.width(),
                        place.height(), marks, areas));
        for (int i = 0; i < diagram.links().size(); i++) {
            line(diagram.links().get(i), placed.routes().get(i), placed);
        }
        lines();
        for (Box box : diagram.boxes()) {
            Place place = placed.boxes().get(box.id());
            sketches.get(box.id()).paint(place.x(), place.y(), marks, areas);
        }
        for (int i = 0; i < diagram.links().size(); i++) {
            Link link = diagram.links().get(i);
            text(link.label(), placed.routes().get(i).middle(), link);
            text(end(link), placed.routes().get(i).end(), link);
        }
        if (!diagram.note().isEmpty()) {
            marks.add(new Mark.Text(24, placed.height() + 10, diagram.note(), LABEL_SIZE, false, true, false,
                    Ink.SECOND));
        }
        double height = placed.height() + (diagram.note().isEmpty() ? 0 : 24);
        return new Drawing(diagram.title(), placed.width(), height, marks, areas, lines, diagram.note());
    }

    private void line(Link link, Route route, Placement placed) {
        if (route.points().size() < 2) {
            return;
        }
        List<Point> points = new ArrayList<>(route.points());
        behindTags(link.from(), points.getFirst(), placed, points, 0);
        behindTags(link.to(), points.getLast(), placed, points, points.size());
        lines.add(new Line(link, points));
        for (int i = 1; i < points.size(); i++) {
            areas.add(Area.of(points.get(i - 1), points.get(i), link.place()));
        }
    }

    /** A line that meets the room of a box at its upper or lower edge goes on to what is drawn there. */
    private void behindTags(String id, Point at, Placement placed, List<Point> points, int index) {
        Place box = placed.boxes().get(id);
        if (Math.abs(at.y() - box.y()) < 1) {
            double down = sketches.get(id).topAt(at.x() - box.x());
            if (down > 0) {
                points.add(index, new Point(at.x(), at.y() + down));
            }
        } else if (Math.abs(at.y() - box.bottom()) < 1) {
            double up = sketches.get(id).bottomAt(at.x() - box.x());
            if (up > 0) {
                points.add(index, new Point(at.x(), at.y() - up));
            }
        }
    }

    /** Lines that end in one head are one tree: each stretch of it is drawn once. */
    private void lines() {
        Map<List<Object>, List<List<Point>>> trees = new LinkedHashMap<>();
        Map<List<Object>, Link> first = new HashMap<>();
        for (Line line : lines) {
            Link link = line.link();
            if (link.joins() && !link.broken()) {
                List<Object> key = List.of(link.ending(), link.to(), line.points().getLast());
                trees.computeIfAbsent(key, unknown -> new ArrayList<>()).add(line.points());
                first.putIfAbsent(key, link);
            } else {
                LinkSketch.paint(link, line.points(), marks);
            }
        }
        trees.forEach((key, paths) -> {
            if (paths.size() == 1) {
                LinkSketch.paint(first.get(key), paths.getFirst(), marks);
            } else {
                LinkSketch.tree(first.get(key), LineTree.of(paths), paths.getFirst(), marks);
            }
        });
    }

    private void text(String text, Place place, Link link) {
        if (!text.isEmpty() && place != null) {
            marks.add(new Mark.Text(place.x() + 2, place.y() + 10, text, LABEL_SIZE, false, false, false,
                    link.broken() ? Ink.BROKEN : Ink.SECOND));
        }
    }
}
