namespace Tram;

public static class Depot
{
    public static void Main()
    {
        var line = new Line("7", new CalmState());
        Console.WriteLine(line.Advise(80));
        line.ChangeState(new RainState(12));
        Console.WriteLine(line.Advise(80));
        line.ChangeState(new BriskState());
    }
}
