import java.util.ArrayList;
import java.util.List;

interface Check { void look(int tons); }
class Weight implements Check { public void look(int tons) { if (tons > 90) throw new IllegalStateException("heavy"); } }
class Limit implements Check { public void look(int tons) { if (tons < 1) throw new IllegalStateException("light"); } }
abstract class Checked {
    private final List<Check> checks = new ArrayList<>();
    void with(Check check) { checks.add(check); }
    protected void run(int tons) { for (Check check : checks) { check.look(tons); } }
}
class Desk extends Checked {
    int bill(int tons) { run(tons); return tons * 3; }
}
