package harbour;

import java.util.List;

interface Check {
    boolean passes(String ship);
}

class LengthCheck implements Check {
    @Override
    public boolean passes(String ship) {
        return ship.length() < 20;
    }
}

class FlagCheck implements Check {
    @Override
    public boolean passes(String ship) {
        return !ship.startsWith("X");
    }
}

final class Checks {
    private Checks() {
    }

    static Check all(List<Check> checks) {
        return new Check() {
            @Override
            public boolean passes(String ship) {
                for (Check check : checks) {
                    if (!check.passes(ship)) {
                        return false;
                    }
                }
                return true;
            }
        };
    }
}

class Gate {
    boolean open(String ship) {
        return Checks.all(List.of(new LengthCheck(), new FlagCheck())).passes(ship);
    }
}
