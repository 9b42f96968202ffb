package sluice;

public class Sluice {
    private Phase phase = Phase.SHUT;
    private int litres;

    public void handle() {
        phase.handle(this);
    }

    public void drain() {
        phase.drain(this);
    }

    void go(Phase next) {
        phase = next;
    }

    void flow(int litres) {
        this.litres += litres;
    }
}
