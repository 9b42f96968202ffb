package dose;

import java.util.Map;

public sealed interface Rule permits Weight, Fixed, Least, Sum {
    double dose(Map<String, Double> patient);
}
