namespace Guesthouse;

public interface IBed { int Width { get; } }
public interface ILamp { void Switch(); }

public interface IRoomStyle
{
    IBed Bed();
    ILamp Lamp();
}

public sealed class AlpineStyle : IRoomStyle
{
    public IBed Bed() => new PineBed();
    public ILamp Lamp() => new AntlerLamp();
}

public sealed class HarbourStyle : IRoomStyle
{
    public IBed Bed() => new Bunk();
    public ILamp Lamp() => new ShipLantern();
}

internal sealed class PineBed : IBed { public int Width => 160; }
internal sealed class Bunk : IBed { public int Width => 80; }
internal sealed class AntlerLamp : ILamp { private bool on; public void Switch() => on = !on; }
internal sealed class ShipLantern : ILamp { private int oil = 10; public void Switch() => oil--; }
