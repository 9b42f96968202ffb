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

        public void Moor(string barge) => Notify(w => w.Moored(barge));

        private void Notify(Action<IBargeWatch> how)
        {
            foreach (var watch in _watches)
            {
                try { how(watch); }
                catch (Exception e) { Console.Error.WriteLine(e); }
            }
        }
    }
}
