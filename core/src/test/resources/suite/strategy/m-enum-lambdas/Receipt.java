package till;

import java.util.ArrayList;
import java.util.List;

public class Receipt {
    private final List<Double> prices = new ArrayList<>();
    private final Rounding rounding;

    public Receipt(Rounding rounding) {
        this.rounding = rounding;
    }

    public void add(double price) {
        prices.add(price);
    }

    public double total() {
        return rounding.apply(prices.stream().mapToDouble(Double::doubleValue).sum());
    }
}
