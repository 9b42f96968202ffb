using System;

namespace Aldera;

public class Pilot
{
    public string Board() => "pilot: on board";
}

public class Tug
{
    public string Push() => "tug: pushing";
}

public class Ropes
{
    public string Make() => "ropes: fast";
}

public class MorningWatch
{
    public string Berth()
    {
        var pilot = new Pilot();
        var tug = new Tug();
        var ropes = new Ropes();
        return pilot.Board() + tug.Push() + ropes.Make();
    }
}

public class EveningWatch
{
    public void Moor(string ship)
    {
        Console.WriteLine(ship);
        Console.WriteLine(new Pilot().Board());
        Console.WriteLine(new Tug().Push());
        Console.WriteLine(new Ropes().Make());
    }
}

public static class Program
{
    public static void Main()
    {
        Console.WriteLine(new MorningWatch().Berth());
        new EveningWatch().Moor("Ana");
    }
}
