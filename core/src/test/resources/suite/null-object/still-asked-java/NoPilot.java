package aldera;

public class NoPilot implements Pilot {
    @Override
    public void guide(String ship) {
        // nobody comes
    }

    @Override
    public int fee() {
        return 0;
    }
}
