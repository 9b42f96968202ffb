package dev.huella.core.resolve;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import java.util.ArrayList;
import java.util.List;

/** A choice over nothing but "true" is a row of conditions, each asked when those before it do not hold. */
final class Ladder {

    private Ladder() {}

    /** True when the labels of the branches are the conditions: {@code when { a > b -> … }}, {@code match (true)}. */
    static boolean is(Value on, List<Branch> branches) {
        return isTrue(on) && branches.stream()
                .anyMatch(branch -> !branch.labels().isEmpty() && !branch.labels().stream().allMatch(Ladder::isTrue));
    }

    /** The first condition with its branch; the others follow in the branch for the rest. */
    static Step.Choose of(List<Branch> branches, Value on) {
        List<Branch> asked = branches.stream().filter(branch -> !branch.labels().isEmpty()).toList();
        List<Step> rest = branches.stream()
                .filter(branch -> branch.labels().isEmpty())
                .findFirst()
                .map(Branch::steps)
                .orElse(null);
        Step.Choose choice = null;
        for (Branch branch : asked.reversed()) {
            List<Branch> ways = new ArrayList<>();
            ways.add(new Branch(List.of(on), branch.steps()));
            if (rest != null) {
                ways.add(new Branch(List.of(), rest));
            }
            choice = new Step.Choose(condition(branch.labels()), ways, rest != null, branch.labels().getFirst().at());
            rest = List.of(choice);
        }
        return choice;
    }

    private static Value condition(List<Value> labels) {
        return labels.size() == 1
                ? labels.getFirst()
                : new Value.Computed("||", labels, labels.getFirst().at());
    }

    private static boolean isTrue(Value value) {
        return value instanceof Literal literal && literal.kind() == Literal.Kind.TRUTH
                && literal.text().equalsIgnoreCase("true");
    }
}
