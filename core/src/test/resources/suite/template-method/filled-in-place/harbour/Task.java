package harbour;

public abstract class Task {
    private int runs;

    public final void run() {
        runs++;
        before();
        work();
        after();
    }

    protected void before() {
    }

    protected abstract void work();

    protected void after() {
    }

    public int runs() {
        return runs;
    }
}
