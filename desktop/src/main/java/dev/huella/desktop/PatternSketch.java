package dev.huella.desktop;

import dev.huella.core.molde.Formula;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.Sort;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/**
 * The thumbnail by which a pattern is known: a node for each role that a type plays, a line where the definition ties
 * two of them together. Drawn from the definition, so that a person's own pattern has one, too.
 */
final class PatternSketch {
    private static final double WIDTH = 26;
    private static final double HEIGHT = 18;
    private static final double[] OTHERS = {0.5, 0.08, 0.92, 0.3, 0.7};

    private PatternSketch() {}

    static Pane of(PatternDefinition pattern) {
        List<Integer> roles = new ArrayList<>();
        for (int i = 0; i < pattern.roles().size(); i++) {
            var role = pattern.roles().get(i);
            if (role.sort() == Sort.TYPE && (role.key() || role.least() > 0)) {
                roles.add(i);
            }
        }
        Map<Integer, double[]> places = places(pattern, roles);
        var pane = new Pane();
        pane.setMinSize(WIDTH, HEIGHT);
        pane.setPrefSize(WIDTH, HEIGHT);
        pane.setMaxSize(WIDTH, HEIGHT);
        for (Set<Integer> pair : ties(pattern, new HashSet<>(roles))) {
            double[][] ends = pair.stream().map(places::get).toArray(double[][]::new);
            var line = new Line(ends[0][0], ends[0][1], ends[1][0], ends[1][1]);
            line.getStyleClass().add("sketch-line");
            pane.getChildren().add(line);
        }
        roles.forEach(role -> {
            var node = new Circle(places.get(role)[0], places.get(role)[1], pattern.roles().get(role).key() ? 3 : 2);
            node.getStyleClass().add("sketch-node");
            pane.getChildren().add(node);
        });
        return pane;
    }

    /** Key roles stand in the middle from left to right, the others one above the other at the right. */
    private static Map<Integer, double[]> places(PatternDefinition pattern, List<Integer> roles) {
        Map<Integer, double[]> places = new HashMap<>();
        long keys = roles.stream().filter(role -> pattern.roles().get(role).key()).count();
        boolean onlyKeys = keys == roles.size();
        int key = 0;
        int other = 0;
        for (int role : roles) {
            if (pattern.roles().get(role).key()) {
                double reach = onlyKeys ? WIDTH - 6 : WIDTH * 0.55;
                places.put(role, new double[]{3 + (keys == 1 ? 0 : reach * key / (keys - 1)), HEIGHT / 2});
                key++;
            } else {
                places.put(role, new double[]{WIDTH - 3, 2 + (HEIGHT - 4) * OTHERS[other++ % OTHERS.length]});
            }
        }
        return places;
    }

    /** Two roles are tied when one clause speaks of both, or clauses about one and the same member do. */
    private static Set<Set<Integer>> ties(PatternDefinition pattern, Set<Integer> roles) {
        Set<Set<Integer>> ties = new LinkedHashSet<>();
        Map<Integer, Set<Integer>> around = new HashMap<>();
        List<Formula> clauses = new ArrayList<>(pattern.recognised());
        pattern.variants().stream().findFirst().ifPresent(variant -> clauses.addAll(variant.clauses()));
        for (Formula clause : clauses) {
            if (clause instanceof Formula.Not || clause instanceof Formula.Whenever) {
                continue;
            }
            for (Formula.Atom atom : clause.atoms()) {
                Set<Integer> types = new LinkedHashSet<>(atom.variables());
                types.retainAll(roles);
                pairs(types, ties);
                atom.variables()
                        .stream()
                        .filter(variable -> !roles.contains(variable))
                        .forEach(member -> around.computeIfAbsent(member, key -> new LinkedHashSet<>()).addAll(types));
            }
        }
        around.values().forEach(types -> pairs(types, ties));
        return ties;
    }

    private static void pairs(Set<Integer> types, Set<Set<Integer>> into) {
        for (int one : types) {
            types.stream()
                    .filter(other -> one < other)
                    .forEach(other -> into.add(new LinkedHashSet<>(List.of(one, other))));
        }
    }
}
