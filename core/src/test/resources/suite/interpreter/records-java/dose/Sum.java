package dose;

import java.util.List;
import java.util.Map;

public record Sum(List<Rule> rules) implements Rule {
    public double dose(Map<String, Double> patient) {
        return rules.stream().mapToDouble(rule -> rule.dose(patient)).reduce(0, Double::sum);
    }
}
