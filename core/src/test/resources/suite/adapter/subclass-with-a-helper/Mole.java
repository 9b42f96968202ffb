package aldera;

public class Mole {
    public void dusk(Lamp lamp) {
        lamp.light(19);
    }

    public static void main(String[] args) {
        Meter meter = new Meter();
        new Mole().dusk(new MeteredLamp(meter));
        new Mole().dusk(new Lamp());
        System.out.println(meter.sum());
    }
}
