using System.Collections.Generic;
using System.Linq;

namespace Loads
{
    public abstract record Load
    {
        public abstract int Weight { get; }
        public virtual IEnumerable<Load> Parts => Enumerable.Empty<Load>();
    }

    public sealed record Crate(int Kilos) : Load
    {
        public override int Weight => Kilos;
    }

    public sealed record Drum(int Litres) : Load
    {
        public override int Weight => Litres + 20;
    }

    public sealed record Pallet(IReadOnlyList<Load> Loads) : Load
    {
        public override int Weight => 25 + Loads.Sum(load => load.Weight);
        public override IEnumerable<Load> Parts => Loads.SelectMany(load => load.Parts.Prepend(load));
    }
}
