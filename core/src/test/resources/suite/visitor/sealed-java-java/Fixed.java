package tariff;

public record Fixed(long cents) implements Node {
    @Override
    public <R> R match(Cases<R> cases) {
        return cases.fixed(this);
    }
}
