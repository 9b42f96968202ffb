package aldera.dues;

import aldera.berth.Ship;

/** By length over all, in three steps. */
public class LengthTariff implements Tariff {
    @Override
    public long cents(Ship ship, int nights) {
        long step = ship.length() > 120 ? 90_000 : ship.length() > 40 ? 31_000 : 4_500;
        return step * nights;
    }
}
