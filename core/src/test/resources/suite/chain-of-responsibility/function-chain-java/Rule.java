package berths;

import java.util.Optional;

public abstract class Rule {
    private final Rule otherwise;

    protected Rule(Rule otherwise) {
        this.otherwise = otherwise;
    }

    public final Optional<String> place(Ship ship) {
        if (matches(ship)) {
            return Optional.of(berth());
        }
        return Optional.ofNullable(otherwise).flatMap(rule -> rule.place(ship));
    }

    protected abstract boolean matches(Ship ship);

    protected abstract String berth();
}
