package dose;

import java.util.Map;

public record Weight(double factor) implements Rule {
    public double dose(Map<String, Double> patient) {
        return patient.get("weight") * factor;
    }
}
