package shop;

import java.math.BigDecimal;

public class Day {
    private final Till till = new Till();

    public BigDecimal run() {
        till.block(name -> name.isEmpty());
        till.take(new BigDecimal("4.20"));
        return till.serves("Ines") ? till.sum() : BigDecimal.ZERO;
    }
}
