public abstract class Pilot
{
    public abstract bool IsNone { get; }
    public abstract void Board(string ship);
    public virtual int Fee(int tons) => 0;
}

public sealed class HarbourPilot : Pilot
{
    private int boarded;
    public override bool IsNone => false;
    public override void Board(string ship) => boarded++;
    public override int Fee(int tons) => 100 + tons / 10 * boarded;
}

public sealed class NoPilot : Pilot
{
    public static readonly Pilot Instance = new NoPilot();
    private NoPilot() { }
    public override bool IsNone => true;
    public override void Board(string ship) { }
}

public class Arrivals
{
    private Pilot pilot = NoPilot.Instance;
    public void Assign(Pilot? next) => pilot = next ?? NoPilot.Instance;
    public int Arrive(string ship)
    {
        pilot.Board(ship);
        return pilot.Fee(400);
    }
}
