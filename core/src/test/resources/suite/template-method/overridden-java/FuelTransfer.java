package aldera.transfer;

public class FuelTransfer extends Transfer {
    private boolean earthed;

    @Override
    public void run() {
        earthed = true;
        super.run();
    }

    @Override
    protected void connect() {
        earthed = true;
    }

    @Override
    protected void disconnect() {
        earthed = false;
    }
}
