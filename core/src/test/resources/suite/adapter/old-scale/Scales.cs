namespace Aldera.FishMarket
{
    public record Weight(decimal Kilograms);

    public interface IScale
    {
        Weight Weigh(string crate);
        void Zero();
    }

    public class DigitalScale : IScale
    {
        private decimal tare;
        public Weight Weigh(string crate) => new Weight(crate.Length * 1.5m - tare);
        public void Zero() => tare = 0;
    }
}
