namespace Aldera;
public interface ICrane
{
    int Move(int tons);
}
public class Grab : ICrane
{
    public int Move(int tons) => tons * 2;
}
public class Sucker : ICrane
{
    public int Move(int tons) => tons * 3;
}
public abstract class Dock
{
    public int Unload(int tons)
    {
        var crane = NewCrane();
        return crane.Move(tons);
    }
    protected abstract ICrane NewCrane();
}
public class CoalDock : Dock
{
    protected override ICrane NewCrane() => new Grab();
}
public class GrainDock : Dock
{
    protected override ICrane NewCrane() => new Sucker();
}
