package aldera;

public class SeaPilot implements Pilot {
    private int guided;

    @Override
    public void guide(String ship) {
        guided++;
    }

    @Override
    public int fee() {
        return guided * 80;
    }
}
