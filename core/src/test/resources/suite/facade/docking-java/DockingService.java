class TugFleet { private int free = 3; void send(String ship) { free--; } }
class PilotList { private int out; void board(String ship) { out++; } }
class BerthPlan { private String last; void assign(String ship) { last = ship; } }
class DockingService {
    private final TugFleet tugs = new TugFleet();
    private final PilotList pilots = new PilotList();
    private final BerthPlan plan = new BerthPlan();
    void dock(String ship) { plan.assign(ship); pilots.board(ship); tugs.send(ship); }
}
class Ship { private final DockingService service = new DockingService(); void arrive() { service.dock("Ada"); } }
