namespace Tram;

public interface IDriveMode
{
    int SpeedFor(Line line, int metresAhead);
}

public sealed class Line
{
    private IDriveMode modeState;

    public Line(string name, IDriveMode modeState)
    {
        Name = name;
        this.modeState = modeState;
    }

    public string Name { get; }

    public int Limit { get; init; } = 50;

    public void ChangeState(IDriveMode other) => modeState = other;

    public int Advise(int metresAhead) => Math.Min(Limit, modeState.SpeedFor(this, metresAhead));
}
