package tariff;

public final class Price implements Node.Cases<Long> {
    private final int days;

    public Price(int days) {
        this.days = days;
    }

    @Override
    public Long fixed(Fixed node) {
        return node.cents();
    }

    @Override
    public Long perDay(PerDay node) {
        return node.cents() * days;
    }

    @Override
    public Long sum(Sum node) {
        return node.parts().stream().mapToLong(part -> part.match(this)).sum();
    }
}
