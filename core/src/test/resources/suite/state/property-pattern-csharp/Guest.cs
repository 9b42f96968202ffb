namespace Tower;

public class Guest
{
    public int Up(Lift lift)
    {
        lift.Call(4);
        lift.Arrive();
        return lift.Floor;
    }
}
