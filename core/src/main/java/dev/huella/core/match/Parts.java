package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.molde.Formula;
import java.util.ArrayList;
import java.util.List;

/**
 * Takes conditions apart into those that share something open, so that one part's choices are not tried for another.
 * Conditions in which nothing is open come first, each for itself: they decide without a choice, and those that only
 * look something up before those that search.
 */
final class Parts {
    private final List<List<Node>> parts = new ArrayList<>();
    /** What is open in each part, a bit for each variable; variables that share a bit only cost time. */
    private final long[] open;
    private int lookups;
    private int closed;

    private Parts(int most) {
        open = new long[most];
    }

    static List<List<Node>> of(List<Node> nodes, int[] env) {
        var parts = new Parts(nodes.size());
        for (Node node : nodes) {
            long own = 0;
            for (int variable : node.variables()) {
                own |= env[variable] < 0 ? 1L << variable : 0;
            }
            if (own == 0) {
                parts.addClosed(node);
            } else {
                parts.addOpen(node, own);
            }
        }
        return parts.parts;
    }

    private void addClosed(Node node) {
        boolean lookup = node.formula() instanceof Formula.Atom;
        int at = lookup ? lookups++ : closed;
        System.arraycopy(open, at, open, at + 1, parts.size() - at);
        open[at] = 0;
        parts.add(at, List.of(node));
        closed++;
    }

    private void addOpen(Node node, long own) {
        List<Node> joined = null;
        long all = own;
        for (int i = parts.size() - 1; i >= closed; i--) {
            if ((open[i] & all) != 0) {
                List<Node> part = parts.remove(i);
                all |= open[i];
                System.arraycopy(open, i + 1, open, i, parts.size() - i);
                if (joined != null) {
                    part.addAll(joined);
                }
                joined = part;
            }
        }
        if (joined == null) {
            joined = new ArrayList<>(4);
        }
        joined.add(node);
        open[parts.size()] = all;
        parts.add(joined);
    }

}
