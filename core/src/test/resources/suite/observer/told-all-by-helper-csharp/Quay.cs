using System;
using System.Collections.Generic;

namespace Canal
{
    public interface IBargeWatch
    {
        void Moored(string barge);
    }

    public class Ledger : IBargeWatch
    {
        private int _count;
        public void Moored(string barge) => _count++;
    }

    public class Lamp : IBargeWatch
    {
        public string Shown { get; private set; } = "";
        public void Moored(string barge) => Shown = barge;
    }

    internal static class Telling
    {
        public static void All(IEnumerable<IBargeWatch> watches, string barge)
        {
            foreach (var watch in watches)
            {
                watch.Moored(barge);
            }
        }
    }

    public class Quay
    {
        private readonly List<IBargeWatch> _watches = new();
        private string _last = "";

        public void Join(IBargeWatch watch) => _watches.Add(watch);

        public void Leave(IBargeWatch watch) => _watches.Remove(watch);

        public void Moor(string barge)
        {
            _last = barge;
            Telling.All(_watches, barge);
        }
    }
}
