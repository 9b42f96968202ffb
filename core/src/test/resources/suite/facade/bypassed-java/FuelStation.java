package aldera.fuel;

public class FuelStation {
    private final Pump pump = new Pump();
    private final Meter meter = new Meter();
    private final Invoice invoice = new Invoice();

    public void fill(int litres) {
        meter.reset();
        pump.start();
        while (meter.litres() < litres) {
            Thread.onSpinWait();
        }
        pump.stop();
        invoice.line(meter.litres());
        invoice.send();
    }
}
