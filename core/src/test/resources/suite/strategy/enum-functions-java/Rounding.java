package till;

import java.util.function.IntUnaryOperator;

public enum Rounding {
    NONE(cents -> cents),
    FIVE(cents -> (cents + 2) / 5 * 5),
    TEN(cents -> (cents + 5) / 10 * 10);

    private final IntUnaryOperator rule;

    Rounding(IntUnaryOperator rule) {
        this.rule = rule;
    }

    public int apply(int cents) {
        return rule.applyAsInt(cents);
    }
}
