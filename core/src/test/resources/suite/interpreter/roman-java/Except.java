package door;

public class Except implements Rule {
    private final Rule rule;

    public Except(Rule rule) {
        this.rule = rule;
    }

    @Override
    public boolean allows(Visit visit) {
        return !rule.allows(visit);
    }
}
