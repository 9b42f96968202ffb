using System;
using System.Collections.Generic;

namespace Aldera
{
    public class BerthRegistry
    {
        private static readonly Lazy<BerthRegistry> lazy = new Lazy<BerthRegistry>(() => new BerthRegistry());
        private readonly Dictionary<string, string> berths = new Dictionary<string, string>();
        public static int Lookups;

        protected BerthRegistry() { }

        public static BerthRegistry Instance => lazy.Value;

        public string Find(string ship)
        {
            Lookups++;
            return berths.TryGetValue(ship, out var berth) ? berth : "none";
        }
    }

    public class TestRegistry : BerthRegistry
    {
        public TestRegistry() { }
    }

    public class Desk
    {
        public string Where(string ship) => BerthRegistry.Instance.Find(ship);
    }
}
