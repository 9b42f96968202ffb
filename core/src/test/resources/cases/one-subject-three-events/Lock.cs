using System;

namespace Aldera.Locks
{
    public class Lock
    {
        private int level;

        public event Action<int> Filled;
        public event Action<int> Emptied;
        public event EventHandler Jammed;

        public void Raise(int to)
        {
            level = to;
            Filled?.Invoke(level);
        }

        public void Lower(int to)
        {
            level = to;
            Emptied?.Invoke(level);
        }

        public void Block()
        {
            level = -1;
            Jammed?.Invoke(this, EventArgs.Empty);
        }
    }

    public class LockKeeper
    {
        private int passages;

        public void Watch(Lock guarded)
        {
            guarded.Filled += Count;
            guarded.Emptied += Count;
        }

        private void Count(int level)
        {
            passages = passages + 1;
        }
    }
}
