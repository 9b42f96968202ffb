package dev.huella.core.resolve;

import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Which of its parameters an operation gives back, whatever else it does with them: checks that return what they
 * checked, and registrations that return what they noted. Told from the text alone, before any body is resolved.
 */
final class HandedBack {
    private final List<String> names;
    private final SortedSet<Integer> found = new TreeSet<>();
    private boolean other;

    private HandedBack(List<String> names) {
        this.names = new ArrayList<>(names);
    }

    /** Parameters by number, one of which every return gives; empty where anything else may be given. */
    static List<Integer> of(OperationDeclared operation) {
        if (operation.body() == null || operation.parameters().isEmpty() || operation.body().isEmpty()) {
            return List.of();
        }
        var search = new HandedBack(operation.parameters().stream().map(ParameterDeclared::name).toList());
        search.steps(operation.body());
        return search.other ? List.of() : List.copyOf(search.found);
    }

    /** The member of its object that it gives and does nothing else; null for all other operations. */
    static String member(OperationDeclared operation) {
        if (operation.body() == null || operation.body().size() != 1 || !operation.parameters().isEmpty()
                || !(operation.body().getFirst() instanceof Step.Return back)) {
            return null;
        }
        return switch (back.value()) {
            case Value.Name name -> name.name();
            case Value.Member(Value.Self self, String name, _) when self.outer() == null
                    || self.outer().equals(Value.Self.INSIDE) ->
                name;
            case null, default -> null;
        };
    }

    private void steps(List<Step> steps) {
        for (Step step : steps) {
            switch (step) {
                case Step.Return back -> back(back.value());
                case Step.Yield _ -> other = true;
                case Step.Declare declared -> taken(declared.name());
                case Step.Do does when does.value() instanceof Value.Assign(Value.Name target, _, _, _) ->
                    taken(target.name());
                case Step.Choose choose -> choose.branches().forEach(branch -> steps(branch.steps()));
                case Step.Loop loop -> {
                    taken(loop.variable());
                    steps(loop.body());
                }
                case Step.Block block -> {
                    steps(block.steps());
                    steps(block.onError());
                    steps(block.always());
                }
                case Step.Do _, Step.Throw _, Step.Leave _, Step.Local _ -> {
                    // gives nothing back
                }
            }
        }
    }

    /** From here on the name may stand for something else. */
    private void taken(String name) {
        int at = names.indexOf(name);
        if (at >= 0) {
            names.set(at, null);
        }
    }

    private void back(Value value) {
        switch (value) {
            case Value.Cast cast -> back(cast.value());
            case Value.Name name when names.contains(name.name()) -> found.add(names.indexOf(name.name()));
            case null, default -> other = true;
        }
    }
}
