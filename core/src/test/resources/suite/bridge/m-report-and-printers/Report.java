package museum;

public abstract class Report {
    protected final Output output;

    protected Report(Output output) {
        this.output = output;
    }

    public abstract void publish();
}
