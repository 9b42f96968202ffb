package gifts;

public class RibbonWrapping implements Wrapping {
    private final int turns;

    public RibbonWrapping(int turns) {
        this.turns = turns;
    }

    @Override
    public String wrap(String gift) {
        return "ribbon".repeat(turns) + gift;
    }
}
