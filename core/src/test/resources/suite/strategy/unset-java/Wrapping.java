package gifts;

public interface Wrapping {
    String wrap(String gift);
}
