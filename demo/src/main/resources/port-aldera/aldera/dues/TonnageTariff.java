package aldera.dues;

import aldera.berth.Ship;

/** By gross tonnage. */
public class TonnageTariff implements Tariff {
    @Override
    public long cents(Ship ship, int nights) {
        return Math.round(ship.tonnage() * 14.5) * nights;
    }
}
