package dev.huella.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.diagram.ClassDiagram;
import dev.huella.core.diagram.ClassDiagram.Box;
import dev.huella.core.diagram.ClassDiagram.Ending;
import dev.huella.core.diagram.ClassDiagram.Head;
import dev.huella.core.diagram.ClassDiagram.Link;
import dev.huella.core.diagram.ClassDiagram.Look;
import dev.huella.core.diagram.ClassDiagram.Member;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold of every drawing, tried on diagrams made by chance. */
class RandomDiagramTest {
    private static final String[] PACKAGES = {"port", "port.tide", "port.dues", "pilot"};

    /** A diagram that depends on its seed only. */
    private static ClassDiagram diagram(long seed, boolean framed) {
        var random = new Random(seed);
        int size = 3 + random.nextInt(28);
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            List<Member> members = new ArrayList<>();
            for (int row = random.nextInt(5); row > 0; row--) {
                members.add(new Member(null, "+ moor" + "x".repeat(random.nextInt(20)) + "()", false, false, false));
            }
            List<String> tags = random.nextInt(4) == 0 ? List.of("subject", "observer") : List.of();
            boxes.add(new Box("port.T" + i, null, new Head("Type" + i, false, "", tags, Look.PLAIN, random.nextInt(2)),
                    List.of(), members, framed ? PACKAGES[random.nextInt(PACKAGES.length)] : null));
        }
        Set<Link> links = new LinkedHashSet<>();
        for (int i = random.nextInt(2 * size); i > 0; i--) {
            int from = random.nextInt(size);
            int to = random.nextInt(size);
            Ending ending = Ending.values()[random.nextInt(6)];
            boolean role = !ending.upward() && ending != Ending.DEPENDENCY;
            if (from != to || role) {
                links.add(new Link(ending, "port.T" + from, "port.T" + to,
                        ending == Ending.DEPENDENCY ? "«create»" : "", role ? "berth" + i : "", role ? "0..*" : "",
                        false, null));
            }
        }
        return new ClassDiagram("by chance " + seed, boxes, List.copyOf(links));
    }

    private static void check(Graph graph, Placement placed) {
        List<Place> boxes = List.copyOf(placed.boxes().values());
        assertThat(boxes).hasSize(graph.nodes().size());
        assertThat(placed.routes()).hasSize(graph.edges().size());
        List<Place> texts = new ArrayList<>();
        for (int i = 0; i < graph.edges().size(); i++) {
            Route route = placed.routes().get(i);
            assertThat(route.points()).as("edge %d", i).hasSizeGreaterThan(1);
            assertThat(onBorder(placed.boxes().get(graph.edges().get(i).from()), route.points().getFirst())).isTrue();
            assertThat(onBorder(placed.boxes().get(graph.edges().get(i).to()), route.points().getLast())).isTrue();
            for (Place box : boxes) {
                assertThat(cuts(route, box)).as("edge %s through %s", graph.edges().get(i), box).isFalse();
            }
            if (route.middle() != null) {
                texts.add(route.middle());
            }
            if (route.end() != null) {
                texts.add(route.end());
            }
        }
        for (Place text : texts) {
            assertThat(boxes).as("text %s", text).noneMatch(box -> box.meets(text));
            assertThat(texts).as("text %s", text).noneMatch(other -> other != text && other.meets(text));
            assertThat(placed.routes()).as("text %s", text).noneMatch(route -> cuts(route, text));
        }
        apart(boxes);
    }

    private static void apart(List<Place> boxes) {
        for (Place one : boxes) {
            assertThat(boxes).noneMatch(other -> other != one && other.meets(one));
        }
    }

    private static boolean cuts(Route route, Place box) {
        for (int i = 1; i < route.points().size(); i++) {
            if (box.grown(-0.5).cutBy(route.points().get(i - 1), route.points().get(i))) {
                return true;
            }
        }
        return false;
    }

    private static boolean onBorder(Place box, Point point) {
        Place outer = box.grown(0.5);
        Place inner = box.grown(-0.5);
        return outer.cutBy(point, point) && !inner.cutBy(point, point);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void noLineCrossesABoxAndNoTextsOverlap(long seed) {
        Graph graph = new ClassLayout(diagram(seed, false)).graph();
        check(graph, LayeredPlacement.upward(graph, Arrangement.NONE));
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38, 39, 40, 41, 42})
    void theSameHoldsInsideFrames(long seed) {
        Graph graph = new ClassLayout(diagram(seed, true)).graph();
        Placement placed = LayeredPlacement.upward(graph, Arrangement.NONE);
        check(graph, placed);
        graph.nodes()
                .forEach(node -> assertThat(placed.frames()
                        .get(node.frame())
                        .grown(0.5)
                        .cutBy(
                                corner(placed.boxes().get(node.id())), corner(placed.boxes().get(node.id()))))
                        .isTrue());
    }

    private static Point corner(Place place) {
        return new Point(place.x(), place.y());
    }

    @ParameterizedTest
    @ValueSource(longs = {51, 52, 53, 54, 55, 56, 57, 58})
    void boxesMovedByHandStayThereAndLinesGoAround(long seed) {
        Graph graph = new ClassLayout(diagram(seed, false)).graph();
        Placement placed = LayeredPlacement.upward(graph, Arrangement.NONE);
        String first = graph.nodes().getFirst().id();
        Point free = new Point(placed.width() + 40, placed.height() / 2);
        Placement moved = HandMoves.apply(graph, placed, Map.of(first, free));
        assertThat(corner(moved.boxes().get(first))).isEqualTo(free);
        check(graph, moved);
        for (int i = 0; i < graph.edges().size(); i++) {
            if (!graph.edges().get(i).from().equals(first) && !graph.edges().get(i).to().equals(first)) {
                assertThat(moved.routes().get(i).points()).isEqualTo(placed.routes().get(i).points());
            }
        }
    }

    @Test
    void aBoxMovedOutOfTheDrawingStaysAtItsEdge() {
        Graph graph = new ClassLayout(diagram(59, true)).graph();
        Placement placed = LayeredPlacement.upward(graph, Arrangement.NONE);
        String first = graph.nodes().getFirst().id();
        Placement moved = HandMoves.apply(graph, placed, Map.of(first, new Point(-500, -80)));
        Place box = moved.boxes().get(first);
        assertThat(box.x()).isPositive();
        assertThat(moved.frames().values()).allSatisfy(frame -> {
            assertThat(frame.x()).isNotNegative();
            assertThat(frame.y()).isNotNegative();
        });
        placed.boxes().forEach((id, old) -> assertThat(id.equals(first) || moved.boxes().get(id).equals(old)).isTrue());
    }

    @ParameterizedTest
    @ValueSource(longs = {61, 62, 63, 64, 65, 66})
    void oneBoxMoreDoesNotThrowTheOthersAbout(long seed) {
        ClassDiagram less = diagram(seed, false);
        Placement before = LayeredPlacement.upward(new ClassLayout(less).graph(), Arrangement.NONE);
        Map<String, Point> places = new HashMap<>();
        before.boxes().forEach((id, place) -> places.put(id, corner(place)));
        List<Box> boxes = new ArrayList<>(less.boxes());
        boxes.add(new Box("port.New", null, new Head("New", false, "", List.of(), Look.PLAIN, 0), List.of(),
                List.of(), null));
        List<Link> links = new ArrayList<>(less.links());
        links.add(new Link(Ending.DEPENDENCY, "port.New", "port.T0", "«use»", "", "", false, null));
        Graph more = new ClassLayout(new ClassDiagram("more", boxes, links)).graph();
        Placement after = LayeredPlacement.upward(more, new Arrangement(places, Map.of()));
        check(more, after);
        int kept = 0;
        int pairs = 0;
        for (String one : before.boxes().keySet()) {
            for (String other : before.boxes().keySet()) {
                Place a = before.boxes().get(one);
                Place b = before.boxes().get(other);
                if (a.right() < b.x() && a.y() < b.bottom() && b.y() < a.bottom()) {
                    pairs++;
                    kept += after.boxes().get(one).x() < after.boxes().get(other).x() ? 1 : 0;
                }
            }
        }
        assertThat(kept).as("neighbours that stay left and right of each other, of %d", pairs)
                .isGreaterThanOrEqualTo((int) (pairs * 0.9));
    }

    @ParameterizedTest
    @ValueSource(longs = {71, 72, 73})
    void theSameTwice(long seed) {
        Drawing once = ClassLayout.layOut(diagram(seed, true));
        assertThat(ClassLayout.layOut(diagram(seed, true))).isEqualTo(once);
    }
}
