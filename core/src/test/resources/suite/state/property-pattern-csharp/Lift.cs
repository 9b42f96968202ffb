namespace Tower;

public interface IMotion
{
    IMotion Call(Lift lift, int floor);
    IMotion Arrive(Lift lift);
}

public sealed class Waiting : IMotion
{
    public static readonly Waiting Instance = new();

    public IMotion Call(Lift lift, int floor) => lift is { Floor: var here } && here == floor ? this : new Moving(floor);

    public IMotion Arrive(Lift lift) => this;
}

public sealed class Moving(int to) : IMotion
{
    public IMotion Call(Lift lift, int floor) => this;

    public IMotion Arrive(Lift lift)
    {
        lift.Floor = to;
        return Waiting.Instance;
    }
}

public sealed class Lift
{
    private IMotion motion = Waiting.Instance;

    public int Floor { get; internal set; }

    public void Call(int floor) => motion = motion.Call(this, floor);

    public void Arrive() => motion = motion.Arrive(this);
}
