using System;

namespace Aldera;

public interface IPilot
{
    void Board(string ship);
    void Leave();
}

public class SeaPilot : IPilot
{
    private string aboard = "";

    public void Board(string ship)
    {
        aboard = ship;
        Console.WriteLine("on board " + ship);
    }

    public void Leave()
    {
        Console.WriteLine("leaving " + aboard);
        aboard = "";
    }
}

public class NoPilot : IPilot
{
    public void Board(string ship)
    {
    }

    public void Leave()
    {
    }
}

public class Passage
{
    private readonly IPilot pilot;

    public Passage(IPilot pilot = null)
    {
        this.pilot = pilot ?? new NoPilot();
    }

    public void Run(string ship)
    {
        pilot.Board(ship);
        Console.WriteLine("under way");
        pilot.Leave();
    }
}

public static class Program
{
    public static void Main()
    {
        new Passage(new SeaPilot()).Run("Ana");
        new Passage().Run("Luz");
    }
}
