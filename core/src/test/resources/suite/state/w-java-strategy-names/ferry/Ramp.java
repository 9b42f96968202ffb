package ferry;

public class Ramp {
    private RampStrategy strategy = new RaisedStrategy();
    private int cars;

    void use(RampStrategy next) {
        strategy = next;
    }

    public void berth() {
        strategy.berth(this);
    }

    public void drive() {
        strategy.drive(this);
    }

    public void depart() {
        strategy.depart(this);
    }

    void count() {
        cars++;
    }

    public int cars() {
        return cars;
    }
}
