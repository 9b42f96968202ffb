package aldera.quay;

import java.util.ArrayList;
import java.util.List;

public class QuayMaster {
    private final List<Crane> cranes = new ArrayList<>();
    private Conveyor conveyor;

    public void add(Crane crane) {
        cranes.add(crane);
    }

    public void use(Conveyor conveyor) {
        this.conveyor = conveyor;
    }

    void unloaded(Crane crane) {
        conveyor.start();
    }

    void full(Conveyor conveyor) {
        for (Crane crane : cranes) {
            crane.pause();
        }
    }
}
