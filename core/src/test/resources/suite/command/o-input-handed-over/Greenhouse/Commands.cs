namespace Greenhouse;

public interface IJob
{
    void Run(int minutes);
}

public class Water : IJob
{
    private readonly Valve _valve;
    public Water(Valve valve) => _valve = valve;
    public void Run(int minutes) => _valve.OpenFor(minutes);
}

public class Ventilate : IJob
{
    private readonly Roof _roof;
    public Ventilate(Roof roof) => _roof = roof;

    public void Run(int minutes)
    {
        _roof.Lift();
        _roof.CloseAfter(minutes);
    }
}
