final class Money {
    static final Money NONE = new Money(0, "ALD");
    private final long cents;
    private final String currency;
    private Rounding rounding = Rounding.UP;
    Money(long cents, String currency) { this.cents = cents; this.currency = currency; }
    Money(long cents, String currency, Rounding rounding) { this(cents, currency); this.rounding = rounding; }
    Money negated() { return new Money(-cents, currency); }
    Money doubled() { return new Money(cents * 2, currency); }
    Money exact() { return rounding == Rounding.NONE ? this : new Money(cents, currency, Rounding.NONE); }
    long cents() { return cents; }
}
