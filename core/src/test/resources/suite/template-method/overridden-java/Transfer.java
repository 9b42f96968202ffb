package aldera.transfer;

public abstract class Transfer {
    public void run() {
        connect();
        pump();
        disconnect();
    }

    protected abstract void connect();

    protected void pump() {
        System.out.println("pumping");
    }

    protected abstract void disconnect();
}
