namespace Aldera;
public class Ship
{
    public string Colours = "";
}
public interface ICondition
{
    bool Test(Ship ship);
}
public class Flag : ICondition
{
    private readonly string colours;
    public Flag(string colours) { this.colours = colours; }
    public bool Test(Ship ship) => ship.Colours == colours;
}
public class Both : ICondition
{
    private readonly ICondition left, right;
    public Both(ICondition left, ICondition right) { this.left = left; this.right = right; }
    public bool Test(Ship ship) => left.Test(ship) && right.Test(ship);
}
public class Either : ICondition
{
    private readonly ICondition left, right;
    public Either(ICondition left, ICondition right) { this.left = left; this.right = right; }
    public bool Test(Ship ship) => left.Test(ship) || right.Test(ship);
}
public class Customs
{
    public bool Stop(ICondition condition, Ship ship) => condition.Test(ship);
}
