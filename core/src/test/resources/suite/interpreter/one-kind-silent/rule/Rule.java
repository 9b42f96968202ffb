package rule;

import java.util.List;
import java.util.Map;

interface Rule {
    boolean holds(Map<String, Integer> facts);
}

record Above(String name, int limit) implements Rule {
    public boolean holds(Map<String, Integer> facts) {
        return facts.getOrDefault(name, 0) > limit;
    }
}

record All(List<Rule> rules) implements Rule {
    public boolean holds(Map<String, Integer> facts) {
        return rules.stream().allMatch(rule -> rule.holds(facts));
    }
}

record Not(Rule rule) implements Rule {
    public boolean holds(Map<String, Integer> facts) {
        return !rule.holds(facts);
    }
}

record Near(Rule rule, int metres) implements Rule {
    public boolean holds(Map<String, Integer> facts) {
        throw new UnsupportedOperationException("near is not known yet");
    }
}

class Gate {
    boolean opens(Map<String, Integer> facts) {
        Rule rule = new All(List.of(new Above("tons", 3), new Not(new Above("length", 90))));
        return rule.holds(facts);
    }
}
