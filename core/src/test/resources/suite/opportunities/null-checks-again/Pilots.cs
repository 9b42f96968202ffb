namespace Aldera;
public interface IPilot { string Name { get; } void Board(string ship); int Fee(int hours); }
public sealed class RiverPilot : IPilot
{
    public string Name => "river";
    public void Board(string ship) => System.Console.WriteLine(ship);
    public int Fee(int hours) => hours * 80;
}
public sealed class Passage
{
    private readonly IPilot? _pilot;
    private readonly string _ship;
    public Passage(IPilot? pilot, string ship) { _pilot = pilot; _ship = ship; }
    public void Begin() { if (_pilot != null) _pilot.Board(_ship); }
    public string Label() { if (_pilot != null) { return _ship + " with " + _pilot.Name; } return _ship; }
    public int Cost(int hours) { if (_pilot == null) return 0; return _pilot.Fee(hours); }
}
