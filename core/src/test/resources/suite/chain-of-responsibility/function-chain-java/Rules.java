package berths;

final class GasRule extends Rule {
    GasRule(Rule otherwise) {
        super(otherwise);
    }

    @Override
    protected boolean matches(Ship ship) {
        return ship.gas();
    }

    @Override
    protected String berth() {
        return "outer jetty";
    }
}

final class LengthRule extends Rule {
    private final int most;
    private final String berth;

    LengthRule(int most, String berth, Rule otherwise) {
        super(otherwise);
        this.most = most;
        this.berth = berth;
    }

    @Override
    protected boolean matches(Ship ship) {
        return ship.metres() <= most;
    }

    @Override
    protected String berth() {
        return berth;
    }
}
