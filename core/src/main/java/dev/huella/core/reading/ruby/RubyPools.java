package dev.huella.core.reading.ruby;

import dev.huella.core.reading.SyntaxNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Hashes that make what is missing: {@code Hash.new { |all, key| all[key] = Mark.new(key) }}. Reading one of their
 * elements is reading it or else making and keeping it.
 */
final class RubyPools {
    /** What makes an element, and how the block calls the key. */
    record Pool(String key, SyntaxNode made) {}

    private RubyPools() {}

    /** By the variable that holds the hash, with its sign; looks at all that is written inside. */
    static Map<String, Pool> in(SyntaxNode body) {
        Map<String, Pool> found = new HashMap<>();
        if (body != null && body.text().contains("Hash.new")) {
            look(body, found);
        }
        return found;
    }

    private static void look(SyntaxNode node, Map<String, Pool> into) {
        SyntaxNode right = node.is("assignment") || node.is("operator_assignment") ? node.child("right") : null;
        Pool pool = right == null ? null : pool(right);
        if (pool != null && node.child("left") != null) {
            into.put(node.child("left").text(), pool);
        }
        node.children().forEach(child -> look(child, into));
    }

    private static Pool pool(SyntaxNode call) {
        SyntaxNode receiver = call.is("call") ? call.child("receiver") : null;
        SyntaxNode block = receiver != null && receiver.text().equals("Hash") ? call.child("block") : null;
        List<SyntaxNode> parameters = block == null || block.child("parameters") == null
                ? List.of()
                : block.child("parameters").children();
        if (parameters.size() != 2 || block.child("body") == null || block.child("body").children().isEmpty()) {
            return null;
        }
        SyntaxNode last = block.child("body").children().getLast();
        SyntaxNode place = last.is("assignment") || last.is("operator_assignment") ? last.child("left") : null;
        boolean keeps = place != null && place.is("element_reference") && last.child("right") != null
                && place.children().getFirst().text().equals(parameters.getFirst().text());
        return keeps ? new Pool(parameters.getLast().text(), last.child("right")) : null;
    }
}
