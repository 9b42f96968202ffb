package aldera.dues;

import aldera.berth.Ship;

/** Chooses the tariff at the desk. */
public class DuesClerk {
    private final DuesOffice office = new DuesOffice();

    public long settle(Ship ship, int nights, boolean winter) {
        office.use(winter ? new WinterTariff() : new TonnageTariff());
        if (ship.length() > 200) {
            office.use(new LengthTariff());
        }
        return office.charge(ship, nights);
    }
}
