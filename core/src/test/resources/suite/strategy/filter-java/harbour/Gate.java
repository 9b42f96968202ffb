package harbour;

import java.util.List;
import java.util.function.Predicate;

public class Gate {
    private Predicate<String> rule;

    public Gate(Predicate<String> rule) {
        this.rule = rule;
    }

    public void use(Predicate<String> other) {
        rule = other;
    }

    public List<String> admitted(List<String> ships) {
        return ships.stream().filter(rule).toList();
    }
}
