namespace Aldera;

public enum PumpKind { Hand, Steam, Diesel }

public abstract class Pump
{
    public abstract int LitresPerMinute { get; }
    public int Drain(int litres) => litres / LitresPerMinute;
}

public sealed class HandPump : Pump { public override int LitresPerMinute => 20; }
public sealed class SteamPump : Pump { public override int LitresPerMinute => 300; }
public sealed class DieselPump : Pump { public override int LitresPerMinute => 900; }

public static class Pumps
{
    public static Pump Create(PumpKind kind) => kind switch
    {
        PumpKind.Hand => new HandPump(),
        PumpKind.Steam => new SteamPump(),
        PumpKind.Diesel => new DieselPump(),
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "no such pump"),
    };
}

public sealed class Dock
{
    private readonly List<Pump> _pumps = new();
    public void Rig(params PumpKind[] kinds)
    {
        foreach (var kind in kinds) _pumps.Add(Pumps.Create(kind));
        if (_pumps.Count == 0) _pumps.Add(new HandPump());
    }
    public int Minutes(int litres) => _pumps.Sum(pump => pump.Drain(litres)) / _pumps.Count;
}
