namespace Aldera.Gate;

public abstract class BarrierState
{
    public abstract BarrierState Ticket(Barrier barrier);
    public abstract BarrierState Passed(Barrier barrier);
}

public sealed class Down : BarrierState
{
    public override BarrierState Ticket(Barrier barrier) => new Up();
    public override BarrierState Passed(Barrier barrier) => this;
}

public sealed class Up : BarrierState
{
    public override BarrierState Ticket(Barrier barrier) => this;
    public override BarrierState Passed(Barrier barrier) => barrier.Count > 100 ? new Blocked() : new Down();
}

public sealed class Blocked : BarrierState
{
    public override BarrierState Ticket(Barrier barrier) => this;
    public override BarrierState Passed(Barrier barrier) => this;
}

public class Barrier
{
    private BarrierState state = new Down();

    public int Count { get; private set; }

    public void Ticket() => state = state.Ticket(this);

    public void Passed()
    {
        if (state is Up) Count++;
        state = state.Passed(this);
    }
}
