namespace Aldera;

public abstract class Rule
{
    public abstract bool Applies(Ship ship);
}

public sealed record Ship(int Tons, string Flag, bool Towed);

public sealed class Heavier(int tons) : Rule
{
    public override bool Applies(Ship ship) => ship.Tons > tons;
}

public sealed class Under(string flag) : Rule
{
    public override bool Applies(Ship ship) => ship.Flag == flag;
}

public sealed class Towed : Rule
{
    public override bool Applies(Ship ship) => throw new NotImplementedException();
}

public sealed class All(params Rule[] rules) : Rule
{
    public override bool Applies(Ship ship) => rules.All(rule => rule.Applies(ship));
}

public sealed class Not(Rule rule) : Rule
{
    public override bool Applies(Ship ship) => !rule.Applies(ship);
}

public sealed class Tariff
{
    private readonly Rule _high = new All(new Heavier(900), new Not(new Under("AL")));
    public int For(Ship ship) => _high.Applies(ship) ? 12 : 7;
}
