package heating;

public class House {
    public boolean warm() {
        Thermostat cellar = new Thermostat(new ChipSensor(new KelvinChip()));
        cellar.target(15);
        return new Thermostat(new RoomSensor()).heat() || cellar.heat();
    }
}
