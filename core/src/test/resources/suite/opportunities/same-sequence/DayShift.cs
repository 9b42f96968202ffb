namespace Aldera.Bunkering;
public class DayShift
{
    private readonly Hose hose; private readonly Pump pump; private readonly Meter meter;
    public DayShift(Hose hose, Pump pump, Meter meter) { this.hose = hose; this.pump = pump; this.meter = meter; }
    public int Bunker(double amount)
    {
        hose.Connect();
        pump.Run(amount);
        return meter.Stamp();
    }
}
