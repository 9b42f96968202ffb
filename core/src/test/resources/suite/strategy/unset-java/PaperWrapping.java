package gifts;

public class PaperWrapping implements Wrapping {
    @Override
    public String wrap(String gift) {
        return "paper(" + gift + ")";
    }
}
