package gifts;

public class Counter {
    private Wrapping wrapping;
    private int wrapped;

    public void use(Wrapping wrapping) {
        this.wrapping = wrapping;
    }

    public String sell(String gift) {
        wrapped++;
        return wrapping.wrap(gift);
    }
}
