package fees;

import java.util.function.IntUnaryOperator;

public enum Fee {
    FLAT(tons -> 100),
    PER_TON(tons -> tons * 3),
    STEPPED(tons -> tons < 50 ? 80 : 80 + (tons - 50) * 2);

    private final IntUnaryOperator formula;

    Fee(IntUnaryOperator formula) {
        this.formula = formula;
    }

    public int cents(int tons) {
        return formula.applyAsInt(tons);
    }
}
