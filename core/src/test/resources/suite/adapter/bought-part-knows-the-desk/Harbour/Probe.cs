namespace Harbour
{
    public class PressureProbe
    {
        private int millibars = 1013;

        public void Trim(IGauge gauge) { millibars += (int)gauge.Metres(); }
        public int ReadMillibars() { return millibars; }
        public string SerialNumber() { return "PP-7"; }
    }

    public class ProbeGauge : IGauge
    {
        private readonly PressureProbe probe;

        public ProbeGauge(PressureProbe probe) { this.probe = probe; }
        public double Metres() { return probe.ReadMillibars() / 98.1; }
        public string Station() { return "probe " + probe.SerialNumber(); }
    }
}
