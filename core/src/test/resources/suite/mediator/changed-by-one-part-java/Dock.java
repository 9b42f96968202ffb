interface DockMaster {
    void happened(DockPart part, String what);
}

abstract class DockPart {
    private final DockMaster master;

    DockPart(DockMaster master) {
        this.master = master;
    }

    protected void tell(String what) {
        master.happened(this, what);
    }
}

class Sluice extends DockPart {
    private boolean open;

    Sluice(DockMaster master) {
        super(master);
    }

    void raise() {
        open = true;
        tell("raised");
    }

    void shut() {
        open = false;
        tell("shut");
    }
}

class Pump extends DockPart {
    private boolean running;

    Pump(DockMaster master) {
        super(master);
    }

    void start() {
        running = true;
        tell("started");
    }

    void stop() {
        running = false;
    }
}

class DryDock implements DockMaster {
    private Sluice sluice;
    private Pump pump;

    void equip(Sluice newSluice, Pump newPump) {
        sluice = newSluice;
        pump = newPump;
    }

    @Override
    public void happened(DockPart part, String what) {
        if (part == sluice && what.equals("raised")) {
            pump.stop();
        } else if (part == pump) {
            sluice.shut();
        }
    }
}
