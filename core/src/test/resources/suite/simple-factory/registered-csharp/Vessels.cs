using System;
using System.Collections.Generic;

public interface IVessel { int Toll(); }
public class Barge : IVessel { public int Toll() => 40; }
public class Tanker : IVessel { public int Toll() => 400; }

public class Registry
{
    private readonly Dictionary<string, Func<IVessel>> _makers = new()
    {
        ["barge"] = () => new Barge(),
        ["tanker"] = () => new Tanker(),
    };

    public IVessel Enter(string kind) =>
        _makers.TryGetValue(kind, out var make) ? make() : throw new ArgumentException(kind);
}
