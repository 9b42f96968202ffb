package aldera.dues;

import aldera.berth.Ship;

/** Works out what a ship owes, by the tariff in force. */
public class DuesOffice {
    private Tariff tariff;
    private long total;

    public void use(Tariff tariff) {
        this.tariff = tariff;
    }

    public long charge(Ship ship, int nights) {
        if (tariff instanceof WinterTariff) {
            total -= 100;
        }
        long cents = tariff.cents(ship, nights);
        total += cents;
        return cents;
    }

    public long total() {
        return total;
    }
}
