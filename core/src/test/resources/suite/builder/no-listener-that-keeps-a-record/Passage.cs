using System.Collections.Generic;

namespace Aldera.Locks
{
    public interface IPassageListener
    {
        void Entered(string vessel);
        void Left(string vessel);
    }

    public class PassageRecord
    {
        private readonly List<string> lines = new List<string>();
        public void Note(string line) { lines.Add(line); }
        public int Count { get { return lines.Count; } }
    }

    public class Recorder : IPassageListener
    {
        private readonly PassageRecord record = new PassageRecord();
        public PassageRecord Record { get { return record; } }
        public void Entered(string vessel) { record.Note("in " + vessel); }
        public void Left(string vessel) { record.Note("out " + vessel); }
    }

    public class Counter : IPassageListener
    {
        private int inside;
        public void Entered(string vessel) { inside = inside + 1; }
        public void Left(string vessel) { inside = inside - 1; }
    }

    public class Lock
    {
        private readonly List<IPassageListener> listeners = new List<IPassageListener>();
        private string last = "";
        public void Add(IPassageListener listener) { listeners.Add(listener); }
        public void Enter(string vessel)
        {
            last = vessel;
            foreach (var listener in listeners) { listener.Entered(vessel); }
        }
        public void Leave(string vessel)
        {
            last = vessel;
            foreach (var listener in listeners) { listener.Left(vessel); }
        }
    }

    public class Office
    {
        public int Busy(Recorder recorder) { return recorder.Record.Count; }
    }
}
