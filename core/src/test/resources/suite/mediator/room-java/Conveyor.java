package aldera.quay;

public class Conveyor {
    private final QuayMaster master;
    private int load;

    public Conveyor(QuayMaster master) {
        this.master = master;
    }

    void start() {
        load++;
        if (load > 10) {
            master.full(this);
        }
    }
}
