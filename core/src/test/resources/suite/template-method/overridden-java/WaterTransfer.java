package aldera.transfer;

public class WaterTransfer extends Transfer {
    private int hoses;

    @Override
    protected void connect() {
        hoses = 2;
    }

    @Override
    protected void disconnect() {
        hoses = 0;
    }
}
