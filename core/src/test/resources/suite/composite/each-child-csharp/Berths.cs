using System;
using System.Collections.Generic;

namespace Berths
{
    public interface IBerth
    {
        int Free();
        void Close();
    }

    public class Mooring : IBerth
    {
        private bool _open = true;
        public int Free() => _open ? 1 : 0;
        public void Close() => _open = false;
    }

    public class Buoy : IBerth
    {
        private int _rings = 4;
        public int Free() => _rings;
        public void Close() => _rings = 0;
    }

    public class Pier : IBerth
    {
        private readonly List<IBerth> _parts = new();

        public void Add(IBerth part) => _parts.Add(part);

        public int Free()
        {
            var sum = 0;
            EachPart(p => sum += p.Free());
            return sum;
        }

        public void Close() => EachPart(p => p.Close());

        private void EachPart(Action<IBerth> action)
        {
            foreach (var part in _parts)
                action(part);
        }
    }
}
