package aldera;

public class RaftBuilder {
    private Raft raft = new Raft();

    public void layLogs() {
        raft.logs = 8;
    }

    public void stepMast() {
        raft.mast = true;
    }

    public void fitRail() {
        raft.rail = true;
    }

    public Raft take() {
        Raft done = raft;
        raft = new Raft();
        return done;
    }
}
