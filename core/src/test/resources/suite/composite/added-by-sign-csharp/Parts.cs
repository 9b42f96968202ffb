using System.Collections.Generic;

namespace Aldera
{
    public abstract class Load
    {
        public abstract int Tons();

        public static Load operator +(Load one, Load other) => new Pile(one, other);
    }

    public class Crate : Load
    {
        private readonly int tons;

        public Crate(int tons) { this.tons = tons; }

        public override int Tons() => tons;
    }

    public class Pile : Load
    {
        private readonly List<Load> loads = new List<Load>();

        public Pile(params Load[] loads) { this.loads.AddRange(loads); }

        public override int Tons()
        {
            int sum = 0;
            foreach (Load load in loads) sum += load.Tons();
            return sum;
        }
    }

    public static class Quay
    {
        public static int Weigh() => (new Crate(2) + new Crate(3) + new Crate(4)).Tons();
    }
}
