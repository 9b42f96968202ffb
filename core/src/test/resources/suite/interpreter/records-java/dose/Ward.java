package dose;

import java.util.List;
import java.util.Map;

public class Ward {
    public double evening(double weight) {
        Rule rule = new Least(new Sum(List.of(new Weight(0.3), new Fixed(2))), new Fixed(30));
        return rule.dose(Map.of("weight", weight));
    }
}
