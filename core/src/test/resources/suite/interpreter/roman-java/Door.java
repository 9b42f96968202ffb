package door;

public class Door {
    private final Rule rule = new All(new Hours(8, 18), new Except(new Badge("red")));

    public boolean enter(Visit visit) {
        return rule.allows(visit);
    }
}
