package dev.huella.core.diagram;

import dev.huella.core.diagram.CallSequence.Fragment;
import dev.huella.core.diagram.CallSequence.Operand;
import dev.huella.core.diagram.CallSequence.Step;
import dev.huella.core.model.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Puts the steps of a body into the fragments that their settings ask for. Fragments without steps vanish. */
final class StepTree {
    private final Function<Setting, String> guard;
    private final int functions;
    private final List<Object> top = new ArrayList<>();
    private final List<Setting> open = new ArrayList<>();
    private final List<List<Object>> lists = new ArrayList<>();

    /** {@code functions}: so many functions around the body are the body's own. */
    StepTree(Function<Setting, String> guard, int functions) {
        this.guard = guard;
        this.functions = functions;
        lists.add(top);
    }

    /** A fragment that is still being filled. */
    private record Growing(String operator, int choice, List<Branch> branches) {}

    private record Branch(String guard, List<Object> steps) {}

    void add(Step step, Setting within) {
        List<Setting> around = new ArrayList<>();
        for (Setting at = within; at != null; at = at.outer()) {
            around.addFirst(at);
        }
        int own = functions;
        while (own > 0 && !around.isEmpty()) {
            own -= around.removeFirst().kind() == Setting.Kind.FUNCTION ? 1 : 0;
        }
        int same = 0;
        while (same < open.size() && same < around.size() && open.get(same) == around.get(same)) {
            same++;
        }
        while (open.size() > same) {
            open.removeLast();
            lists.removeLast();
        }
        for (Setting setting : around.subList(same, around.size())) {
            open.add(setting);
            lists.add(enter(setting, lists.getLast()));
        }
        lists.getLast().add(step);
    }

    private List<Object> enter(Setting setting, List<Object> into) {
        List<Object> steps = new ArrayList<>();
        var branch = new Branch(guard.apply(setting), steps);
        boolean oneOfSeveral = setting.choice() > 0;
        if (oneOfSeveral && !into.isEmpty() && into.getLast() instanceof Growing last
                && last.choice == setting.choice()) {
            last.branches.add(branch);
        } else {
            into.add(new Growing(operator(setting), setting.choice(), new ArrayList<>(List.of(branch))));
        }
        return steps;
    }

    private static String operator(Setting setting) {
        return switch (setting.kind()) {
            case EACH, WHILE -> "loop";
            case LOCK -> "critical";
            case BRANCH, REST, PRESENCE, ABSENCE, FUNCTION, ON_ERROR -> "opt";
        };
    }

    List<Step> steps() {
        return finished(top);
    }

    private static List<Step> finished(List<Object> steps) {
        List<Step> found = new ArrayList<>();
        for (Object step : steps) {
            if (step instanceof Growing growing) {
                List<Operand> operands = growing.branches.stream()
                        .map(branch -> new Operand(branch.guard, finished(branch.steps)))
                        .filter(operand -> !operand.steps().isEmpty())
                        .toList();
                if (!operands.isEmpty()) {
                    found.add(new Fragment(operands.size() > 1 ? "alt" : growing.operator, operands));
                }
            } else {
                found.add((Step) step);
            }
        }
        return found;
    }
}
