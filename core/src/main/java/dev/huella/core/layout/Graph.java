package dev.huella.core.layout;

import java.util.List;

/** Boxes and lines of known size that are to be placed. Sizes are in drawing units. */
record Graph(List<Node> nodes, List<Edge> edges) {
    Graph {
        nodes = List.copyOf(nodes);
        edges = List.copyOf(edges);
    }

    /**
     * One box.
     *
     * @param frame dotted name of the frame it stands in, frames inside frames; null for none
     */
    record Node(String id, double width, double height, String frame) {}

    /**
     * One line.
     *
     * @param trunk lines to the same box with the same trunk end in one head; null for a head of its own
     * @param firm leads upwards, whatever else leads down
     * @param middle size of the text along it, or null
     * @param end size of the text at the box it leads to, or null
     */
    record Edge(String from, String to, String trunk, boolean firm, Size middle, Size end) {}

    /** Room that a text takes. */
    record Size(double width, double height) {}
}
