package tide;

import java.util.function.IntBinaryOperator;

public enum Forecast {
    CAUTIOUS((high, low) -> Math.max(high, low) + 20),
    PLAIN((high, low) -> (high + low) / 2),
    BOLD(Math::min);

    private final IntBinaryOperator rule;

    Forecast(IntBinaryOperator rule) {
        this.rule = rule;
    }

    int level(int high, int low) {
        return rule.applyAsInt(high, low);
    }
}
