namespace Aldera.Bunkering;
public class NightShift
{
    public int Emergency(Hose hose, Pump pump, Meter meter)
    {
        hose.Connect();
        pump.Run(500);
        var ticket = meter.Stamp();
        return ticket * 2;
    }
}
