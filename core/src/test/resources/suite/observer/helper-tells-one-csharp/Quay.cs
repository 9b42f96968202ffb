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

    public class Quay
    {
        private readonly List<IBargeWatch> _watches = new();

        public void Join(IBargeWatch watch) => _watches.Add(watch);

        public void Leave(IBargeWatch watch) => _watches.Remove(watch);

        public void Moor(string barge)
        {
            foreach (var watch in _watches.ToArray())
                SafeTell(watch, w => w.Moored(barge));
        }

        private static void SafeTell(IBargeWatch watch, Action<IBargeWatch> how)
        {
            try { how(watch); }
            catch (Exception e) { Console.Error.WriteLine(e); }
        }
    }
}
