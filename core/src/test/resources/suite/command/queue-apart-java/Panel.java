package lock;

public class Panel {
    private final LockKeeper keeper;
    private final Gate gate;
    private final Chamber chamber;

    public Panel(LockKeeper keeper, Gate gate, Chamber chamber) {
        this.keeper = keeper;
        this.gate = gate;
        this.chamber = chamber;
    }

    public void letThrough() {
        keeper.order(new FillChamber(chamber, 4));
        keeper.order(new OpenGate(gate));
    }
}
