package dev.huella.core.match;

import dev.huella.core.match.JoinOrder.Node;
import dev.huella.core.molde.Formula;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;

/** Decides whether there is a way to fill what conditions leave open, and gives the first there is. */
final class OneWay {
    private final JoinOrder order;
    private final Filling filling;
    private final Steps steps;
    private final Blame blame;
    private final BiPredicate<Node, int[]> keeps;

    /** {@code keeps}: whether a condition that fills nothing holds for what is filled. */
    OneWay(JoinOrder order, Filling filling, Steps steps, Blame blame, BiPredicate<Node, int[]> keeps) {
        this.order = order;
        this.filling = filling;
        this.steps = steps;
        this.blame = blame;
        this.keeps = keeps;
    }

    /** One way to fill what is open, part by part, written into {@code env}; false when there is none. */
    boolean find(List<Node> left, int[] env, List<Evidence> evidence) {
        if (left.size() < 2) {
            return left.isEmpty() || first(left, env, evidence);
        }
        for (List<Node> part : Parts.of(left, env)) {
            if (!first(part, env, evidence)) {
                return false;
            }
        }
        return true;
    }

    /** The first way to fill what these conditions leave open, with its evidence added. */
    private boolean first(List<Node> part, int[] env, List<Evidence> evidence) {
        int next = order.cheapest(part, env);
        Node node = part.get(next);
        List<Node> rest = new ArrayList<>(part);
        rest.remove(next);
        return switch (node.formula()) {
            case Formula.All all -> {
                rest.addAll(0, order.nodes(all.of()));
                yield find(rest, env, evidence);
            }
            case Formula.Either either -> firstOf(either, rest, env, evidence);
            case Formula.Not _, Formula.Whenever _ -> blame.unless(keeps.test(node, env), node, env)
                    && find(rest, env, evidence);
            case Formula.Atom atom -> node.table() == null
                    ? blame.unless(filling.holds(atom, env), node, env) && find(rest, env, evidence)
                    : firstRow(node, atom, rest, env, evidence);
        };
    }

    private boolean firstOf(Formula.Either either, List<Node> rest, int[] env, List<Evidence> evidence) {
        int before = evidence.size();
        var ways = blame.ways();
        for (Formula part : either.of()) {
            List<Node> one = new ArrayList<>(rest);
            one.addFirst(order.node(part));
            int[] inner = env.clone();
            if (find(one, inner, evidence)) {
                System.arraycopy(inner, 0, env, 0, env.length);
                return true;
            }
            Evidence.takeBack(evidence, before);
            ways.failed();
        }
        ways.end();
        return false;
    }

    private boolean firstRow(Node node, Formula.Atom atom, List<Node> rest, int[] env, List<Evidence> evidence) {
        Table.Slice slice = order.slice(node, env);
        int[] inner = env.clone();
        int before = evidence.size();
        var rows = blame.rows(node, env);
        for (int i = 0; i < slice.size(); i++) {
            int row = slice.row(i);
            steps.next();
            if (Filling.fill(node, row, env, inner) && filling.allowed(node, inner) && !rows.isDead(inner)) {
                evidence.add(new Evidence(atom, node.table().place(row)));
                if (find(rest, inner, evidence)) {
                    System.arraycopy(inner, 0, env, 0, env.length);
                    return true;
                }
                Evidence.takeBack(evidence, before);
                if (!rows.failed(inner)) {
                    return false; // for reasons that hold for every row
                }
            }
        }
        rows.end();
        return false;
    }
}
