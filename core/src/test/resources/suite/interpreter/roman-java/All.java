package door;

import java.util.List;

public class All implements Rule {
    private final List<Rule> rules;

    public All(Rule... rules) {
        this.rules = List.of(rules);
    }

    @Override
    public boolean allows(Visit visit) {
        for (Rule rule : rules) {
            if (!rule.allows(visit)) {
                return false;
            }
        }
        return true;
    }
}
