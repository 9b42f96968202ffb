package aldera;

public class Foreman {
    private final RaftBuilder builder;

    public Foreman(RaftBuilder builder) {
        this.builder = builder;
    }

    public Raft small() {
        builder.layLogs();
        builder.stepMast();
        return builder.take();
    }

    public Raft large() {
        builder.layLogs();
        builder.stepMast();
        builder.fitRail();
        return builder.take();
    }
}
