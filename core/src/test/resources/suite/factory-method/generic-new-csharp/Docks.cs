using System.Collections.Generic;

namespace Docks;

public interface ICrane
{
    int Lift(int tonnes);
}

public class GantryCrane : ICrane
{
    public int Lift(int tonnes) => tonnes > 60 ? 0 : tonnes;
}

public class MobileCrane : ICrane
{
    public int Lift(int tonnes) => tonnes > 20 ? 0 : tonnes;
}

public abstract class Dock
{
    private readonly List<ICrane> cranes = new();

    protected abstract ICrane NewCrane();

    public void Grow(int count)
    {
        for (var i = 0; i < count; i++)
        {
            cranes.Add(NewCrane());
        }
    }

    public int Work(int tonnes)
    {
        var done = 0;
        foreach (var crane in cranes)
        {
            done += crane.Lift(tonnes);
        }
        return done;
    }
}

public class ContainerDock : Dock
{
    protected override ICrane NewCrane() => new GantryCrane();
}

public class RiverDock : Dock
{
    protected override ICrane NewCrane() => new MobileCrane();
}

public static class Program
{
    public static void Main()
    {
        Dock[] docks = { new ContainerDock(), new RiverDock() };
        foreach (var dock in docks)
        {
            dock.Grow(2);
            System.Console.WriteLine(dock.Work(18));
        }
    }
}
