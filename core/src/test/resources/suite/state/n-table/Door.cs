namespace Lift;

public abstract class DoorState
{
    public virtual DoorState Press(Door door) => this;
    public virtual DoorState Timeout(Door door) => this;
}

public sealed class Shut : DoorState
{
    public override DoorState Press(Door door)
    {
        door.Motor(+1);
        return new Ajar();
    }
}

public sealed class Ajar : DoorState
{
    public override DoorState Press(Door door) => this;

    public override DoorState Timeout(Door door)
    {
        door.Motor(-1);
        return new Shut();
    }
}

public class Door
{
    private DoorState state = new Shut();
    private int position;

    public void Press() => state = state.Press(this);
    public void Timeout() => state = state.Timeout(this);

    internal void Motor(int direction) => position += direction;
}
