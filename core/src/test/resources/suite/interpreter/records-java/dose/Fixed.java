package dose;

import java.util.Map;

public record Fixed(double amount) implements Rule {
    public double dose(Map<String, Double> patient) {
        return amount;
    }
}
