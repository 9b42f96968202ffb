using System.Collections.Generic;

namespace Aldera;

public interface IRopeStore
{
    void Put(string rope);
    int Count();
}

public class ShedStore : IRopeStore
{
    private readonly List<string> _ropes = new();
    public void Put(string rope) => _ropes.Add(rope);
    public int Count() => _ropes.Count;
}

public class LoftStore : IRopeStore
{
    private int _count;
    public void Put(string rope) => _count++;
    public int Count() => _count;
}

public class Chandler
{
    private readonly ShedStore _store;

    public Chandler(ShedStore store)
    {
        _store = store;
    }

    public int Deliver(string rope)
    {
        _store.Put(rope);
        return _store.Count();
    }
}
