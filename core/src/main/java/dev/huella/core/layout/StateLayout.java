package dev.huella.core.layout;

import dev.huella.core.diagram.StateMachine;
import dev.huella.core.diagram.StateMachine.Transition;
import dev.huella.core.drawing.Drawing;
import dev.huella.core.drawing.Drawing.Area;
import dev.huella.core.drawing.Fonts;
import dev.huella.core.drawing.Mark;
import dev.huella.core.drawing.Mark.Point;
import dev.huella.core.drawing.StateSketch;
import dev.huella.core.layout.Graph.Edge;
import dev.huella.core.layout.Graph.Node;
import dev.huella.core.layout.Graph.Size;
import dev.huella.core.layout.Placement.Place;
import dev.huella.core.layout.Placement.Route;
import dev.huella.core.model.CodeType;
import java.util.ArrayList;
import java.util.List;

/** A state machine becomes a drawing, from left to right. */
public final class StateLayout {
    private static final String START = "start";
    private static final String ANY = "any";

    private StateLayout() {}

    /** With states where a person put them. */
    public static Drawing layOut(StateMachine machine, Arrangement arrangement) {
        if (machine.states().isEmpty()) {
            return Drawing.EMPTY;
        }
        Graph graph = graph(machine);
        Placement placed = HandMoves.apply(graph, LayeredPlacement.rightward(graph, arrangement),
                arrangement.moved());
        List<Mark> marks = new ArrayList<>();
        List<Area> areas = new ArrayList<>();
        for (int i = 0; i < machine.transitions().size(); i++) {
            Transition transition = machine.transitions().get(i);
            Route route = placed.routes().get(i);
            StateSketch.line(route.points(), marks);
            for (int point = 1; point < route.points().size(); point++) {
                areas.add(Area.of(route.points().get(point - 1), route.points().get(point), transition.at()));
            }
        }
        for (Node node : graph.nodes()) {
            Place place = placed.boxes().get(node.id());
            var corner = new Point(place.x(), place.y());
            switch (node.id()) {
                case START -> StateSketch.start(corner, marks);
                case ANY -> StateSketch.any(corner, node.width(), node.height(), marks);
                default -> {
                    CodeType state = machine.states()
                            .stream()
                            .filter(type -> type.qualifiedName().equals(node.id()))
                            .findFirst()
                            .orElseThrow();
                    StateSketch.state(state.name(), corner, node.width(), node.height(), marks);
                    areas.add(new Area(place.x(), place.y(), place.width(), place.height(), state, node.id(),
                            state.place()));
                }
            }
        }
        for (int i = 0; i < machine.transitions().size(); i++) {
            Place text = placed.routes().get(i).middle();
            if (text != null) {
                StateSketch.label(machine.transitions().get(i).label(), new Point(text.x(), text.y()), marks);
                areas.add(new Area(text.x(), text.y(), text.width(), text.height(),
                        machine.transitions().get(i).by(), null, machine.transitions().get(i).at()));
            }
        }
        return new Drawing(machine.title(), placed.width(), placed.height(), marks, areas);
    }

    private static Graph graph(StateMachine machine) {
        List<Node> nodes = new ArrayList<>();
        List<Edge> edges = new ArrayList<>();
        if (machine.transitions().stream().anyMatch(one -> one.from() == null && one.initial())) {
            nodes.add(new Node(START, StateSketch.START, StateSketch.START, null));
        }
        if (machine.transitions().stream().anyMatch(one -> one.from() == null && !one.initial())) {
            nodes.add(new Node(ANY, StateSketch.width("any state"), StateSketch.HEIGHT, null));
        }
        machine.states()
                .forEach(state -> nodes.add(new Node(state.qualifiedName(), StateSketch.width(state.name()),
                        StateSketch.HEIGHT, null)));
        for (Transition transition : machine.transitions()) {
            String from = transition.from() != null
                    ? transition.from().qualifiedName()
                    : transition.initial() ? START : ANY;
            Size text = transition.label().isEmpty()
                    ? null
                    : new Size(Fonts.width(transition.label(), StateSketch.LABEL_SIZE, false, false) + 4, 14);
            edges.add(new Edge(from, transition.to().qualifiedName(), null, false, text, null));
        }
        return new Graph(nodes, edges);
    }
}
