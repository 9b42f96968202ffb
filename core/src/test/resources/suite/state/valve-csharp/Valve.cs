namespace Aldera;

public class Valve
{
    public IPosition Position { get; internal set; } = Shut.Instance;

    public void Open() => Position.Open(this);
    public void Close() => Position.Close(this);
}

public interface IPosition
{
    void Open(Valve valve);
    void Close(Valve valve);
}

internal sealed class Shut : IPosition
{
    public static readonly Shut Instance = new();
    private Shut() { }
    public void Open(Valve valve) => valve.Position = Half.Instance;
    public void Close(Valve valve) { }
}

internal sealed class Half : IPosition
{
    public static readonly Half Instance = new();
    private Half() { }
    public void Open(Valve valve) => valve.Position = Wide.Instance;
    public void Close(Valve valve) => valve.Position = Shut.Instance;
}

internal sealed class Wide : IPosition
{
    public static readonly Wide Instance = new();
    private Wide() { }
    public void Open(Valve valve) { }
    public void Close(Valve valve) => valve.Position = Half.Instance;
}
