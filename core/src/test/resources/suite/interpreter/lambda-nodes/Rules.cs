using System.Collections.Generic;
using System.Linq;

public record Ship(int Tons, string Flag, bool Pilot);

public abstract record Rule
{
    public abstract bool Holds(Ship ship);
    public static Rule operator &(Rule left, Rule right) => new All(left, right);
}

public sealed record HeavierThan(int Tons) : Rule
{
    public override bool Holds(Ship ship) => ship.Tons > Tons;
}

public sealed record Flying(string Flag) : Rule
{
    public override bool Holds(Ship ship) => ship.Flag == Flag;
}

public sealed record All(params Rule[] Rules) : Rule
{
    public override bool Holds(Ship ship) => Rules.All(rule => rule.Holds(ship));
}

public sealed record Not(Rule Inner) : Rule
{
    public override bool Holds(Ship ship) => !Inner.Holds(ship);
}

public static class Program
{
    public static void Main()
    {
        var rule = new HeavierThan(300) & new Not(new Flying("PT"));
        System.Console.WriteLine(rule.Holds(new Ship(400, "NO", true)));
    }
}
