package aldera.dues;

import aldera.berth.Ship;

/** Half of the dues by tonnage. */
public class WinterTariff implements Tariff {
    @Override
    public long cents(Ship ship, int nights) {
        return Math.round(ship.tonnage() * 7.25) * nights;
    }
}
