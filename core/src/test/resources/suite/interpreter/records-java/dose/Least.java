package dose;

import java.util.Map;

public record Least(Rule one, Rule other) implements Rule {
    public double dose(Map<String, Double> patient) {
        return Math.min(one.dose(patient), other.dose(patient));
    }
}
