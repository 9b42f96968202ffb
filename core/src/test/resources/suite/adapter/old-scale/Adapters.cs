using Aldera.FishMarket.Legacy;

namespace Aldera.FishMarket
{
    public class ArrobaScale : ArrobaBalance, IScale
    {
        private const decimal KilosPerArroba = 11.5m;
        Weight IScale.Weigh(string crate) => new Weight(ReadArrobas(crate) * KilosPerArroba);
        void IScale.Zero() => RemoveCounterweights();
    }

    public class Auction
    {
        private readonly IScale scale;
        public Auction(IScale scale) { this.scale = scale; }
        public decimal Lot(string crate)
        {
            scale.Zero();
            return scale.Weigh(crate).Kilograms;
        }
    }
}
