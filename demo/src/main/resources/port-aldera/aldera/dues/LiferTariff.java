package aldera.dues;

import aldera.berth.Ship;

/** Ships that came to Aldera for more than a hundred nights pay the first three only. */
public class LiferTariff implements Tariff {
    private final Tariff usual;

    public LiferTariff(Tariff usual) {
        this.usual = usual;
    }

    @Override
    public long cents(Ship ship, int nights) {
        return usual.cents(ship, Math.min(nights, 3));
    }
}
