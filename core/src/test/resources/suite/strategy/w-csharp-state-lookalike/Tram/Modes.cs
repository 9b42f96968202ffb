namespace Tram;

public sealed class CalmState : IDriveMode
{
    public int SpeedFor(Line line, int metresAhead) => Math.Min(30, metresAhead / 2);
}

public sealed class BriskState : IDriveMode
{
    public int SpeedFor(Line line, int metresAhead) => metresAhead > 100 ? 50 : 35;
}

public sealed class RainState : IDriveMode
{
    private readonly int millimetres;

    public RainState(int millimetres) => this.millimetres = millimetres;

    public int SpeedFor(Line line, int metresAhead) => Math.Max(10, 40 - millimetres);
}
