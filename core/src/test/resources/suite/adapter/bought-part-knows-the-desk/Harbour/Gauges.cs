namespace Harbour
{
    public interface IGauge
    {
        double Metres();
        string Station();
    }

    public class FloatGauge : IGauge
    {
        private double level;
        public void Rise(double by) { level += by; }
        public double Metres() { return level; }
        public string Station() { return "float"; }
    }
}
