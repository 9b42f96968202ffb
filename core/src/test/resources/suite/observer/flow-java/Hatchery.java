package hatchery;

public class Hatchery {
    public void open() {
        Incubator incubator = new Incubator();
        incubator.subscribe(new Alarm());
        incubator.measure(37.8);
    }
}
