package till;

import java.util.function.DoubleUnaryOperator;

public enum Rounding {
    DOWN(Math::floor),
    UP(Math::ceil),
    FIVE_CENTS(value -> Math.round(value * 20) / 20.0);

    private final DoubleUnaryOperator rule;

    Rounding(DoubleUnaryOperator rule) {
        this.rule = rule;
    }

    public double apply(double value) {
        return rule.applyAsDouble(value);
    }
}
