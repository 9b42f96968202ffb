package aldera.quay;

public class Crane {
    private final QuayMaster master;
    private boolean paused;

    public Crane(QuayMaster master) {
        this.master = master;
    }

    public void drop() {
        if (!paused) {
            master.unloaded(this);
        }
    }

    void pause() {
        paused = true;
    }
}
