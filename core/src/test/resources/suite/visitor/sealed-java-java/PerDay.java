package tariff;

public record PerDay(long cents) implements Node {
    @Override
    public <R> R match(Cases<R> cases) {
        return cases.perDay(this);
    }
}
