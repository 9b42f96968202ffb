using System.Collections.Generic;
namespace Aldera.Gear;
public interface IGear { void Accept(IGearVisitor visitor); }
public interface IGearVisitor { void Visit(IGear gear); }
public class Anchor : IGear { public int Kilos = 40; public void Accept(IGearVisitor visitor) => visitor.Visit(this); }
public class Chain : IGear { public int Metres = 60; public void Accept(IGearVisitor visitor) => visitor.Visit(this); }
public class Locker : IGear
{
    private readonly List<IGear> inside = new();
    public void Put(IGear gear) => inside.Add(gear);
    public void Accept(IGearVisitor visitor) { visitor.Visit(this); foreach (var gear in inside) gear.Accept(visitor); }
}
public class WeightVisitor : IGearVisitor
{
    public int Kilos { get; private set; }
    public void Visit(IGear gear)
    {
        if (gear is Anchor anchor) Kilos += anchor.Kilos;
        else if (gear is Chain chain) Kilos += chain.Metres * 8;
    }
}
public class Bosun
{
    public int Weigh(Locker locker) { var visitor = new WeightVisitor(); locker.Accept(visitor); return visitor.Kilos; }
}
