package dues;

import java.util.Map;

public class Desk {
    private final Map<String, Rule> rules;

    public Desk(Map<String, Rule> rules) {
        this.rules = Map.copyOf(rules);
    }

    public int bill(int tons) {
        int sum = 0;
        for (Rule rule : rules.values()) {
            sum += rule.cents(tons);
        }
        return sum;
    }
}

interface Rule {
    int cents(int tons);
}

class PerTon implements Rule {
    @Override
    public int cents(int tons) {
        return tons * 3;
    }
}

class Flat implements Rule {
    @Override
    public int cents(int tons) {
        return tons > 100 ? 900 : 400;
    }
}

class Main {
    public static void main(String[] args) {
        System.out.println(new Desk(Map.of("a", new PerTon(), "b", new Flat())).bill(40));
    }
}
