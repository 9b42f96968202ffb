package shop;

import java.math.BigDecimal;
import java.util.function.Predicate;

public class Till {
    private BigDecimal sum = BigDecimal.ZERO;
    private Predicate<String> blocked = name -> false;

    public void take(BigDecimal amount) {
        sum = sum.add(amount);
    }

    public void block(Predicate<String> more) {
        blocked = blocked.or(more);
    }

    public boolean serves(String name) {
        return !blocked.test(name);
    }

    public BigDecimal sum() {
        return sum;
    }
}
