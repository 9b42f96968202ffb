package tariff;

public sealed interface Node permits Fixed, PerDay, Sum {
    <R> R match(Cases<R> cases);

    interface Cases<R> {
        R fixed(Fixed node);

        R perDay(PerDay node);

        R sum(Sum node);
    }
}
