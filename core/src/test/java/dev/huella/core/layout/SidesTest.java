package dev.huella.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Node;
import dev.huella.core.layout.Placement.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds very many others stands amid them, not at the end of one long row. */
class SidesTest {
    private static Graph star(int held, int above) {
        List<Node> nodes = new ArrayList<>(List.of(new Node("Port", 120, 90, null)));
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < held; i++) {
            nodes.add(new Node("Held" + i, 100, 40, null));
            edges.add(new Edge("Port", "Held" + i, null, false, null, new Graph.Size(30, 12)));
        }
        for (int i = 0; i < above; i++) {
            nodes.add(new Node("Above" + i, 100, 40, null));
            edges.add(new Edge("Port", "Above" + i, "is", true, null, null));
        }
        return new Graph(nodes, edges);
    }

    @ParameterizedTest
    @ValueSource(ints = {8, 17, 40})
    void manyHeldStandOnBothSides(int held) {
        Graph graph = star(held, 3);
        Placement placed = LayeredPlacement.upward(graph, Arrangement.NONE);

        assertThat(placed.width()).isLessThan(0.8 * (held + 3) * 128);
        Place port = placed.boxes().get("Port");
        for (int i = 0; i < 3; i++) {
            assertThat(placed.boxes().get("Above" + i).bottom()).isLessThan(port.y());
        }
        for (int i = 0; i < graph.edges().size(); i++) {
            List<Point> points = placed.routes().get(i).points();
            Place end = placed.boxes().get(graph.edges().get(i).to());
            assertThat(end.grown(1).meets(around(points.getLast()))).isTrue();
            assertThat(port.grown(1).meets(around(points.getFirst()))).isTrue();
        }
    }

    private static Place around(Point point) {
        return new Place(point.x() - 0.5, point.y() - 0.5, 1, 1);
    }

    @Test
    void aFewStayInOneRow() {
        assertThat(Sides.down(star(5, 0))).isEmpty();
    }

    /** What others know as well, and what something is a kind of, is not turned. */
    @Test
    void onlyWhatNothingElseKnowsMayStandBelow() {
        Graph graph = star(12, 4);
        List<Edge> edges = new ArrayList<>(graph.edges());
        edges.add(new Edge("Held11", "Held10", null, false, null, null));
        Set<String> below = Sides.down(new Graph(graph.nodes(), edges))
                .stream()
                .map(Edge::to)
                .collect(Collectors.toSet());

        assertThat(below).hasSize(5).doesNotContain("Held10", "Held11").allMatch(name -> name.startsWith("Held"));
    }
}
