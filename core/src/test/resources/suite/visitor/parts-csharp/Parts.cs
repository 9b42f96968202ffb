using System.Collections.Generic;

namespace Bicycles;

public interface IPart { void Accept(IPartVisitor visitor); }

public interface IPartVisitor
{
    void Visit(Wheel wheel);
    void Visit(Frame frame);
    void Visit(Bicycle bicycle);
}

public sealed class Wheel : IPart
{
    public int Inches { get; init; } = 28;
    public void Accept(IPartVisitor visitor) => visitor.Visit(this);
}

public sealed class Frame : IPart
{
    public string Steel { get; init; } = "cromoly";
    public void Accept(IPartVisitor visitor) => visitor.Visit(this);
}

public sealed class Bicycle : IPart
{
    private readonly List<IPart> _parts = new();
    public void Add(IPart part) => _parts.Add(part);

    public void Accept(IPartVisitor visitor)
    {
        foreach (var part in _parts) part.Accept(visitor);
        visitor.Visit(this);
    }
}

public sealed class WeightVisitor : IPartVisitor
{
    public double Kilos { get; private set; }
    public void Visit(Wheel wheel) => Kilos += wheel.Inches * 0.05;
    public void Visit(Frame frame) => Kilos += frame.Steel.Length * 0.3;
    public void Visit(Bicycle bicycle) { }
}

public sealed class PartList : IPartVisitor
{
    private readonly List<string> _lines = new();
    public void Visit(Wheel wheel) => _lines.Add($"wheel {wheel.Inches}");
    public void Visit(Frame frame) => _lines.Add($"frame {frame.Steel}");
    public void Visit(Bicycle bicycle) => _lines.Add("bicycle");
}

public sealed class Workshop
{
    public double Weigh(IPart part)
    {
        var weights = new WeightVisitor();
        part.Accept(weights);
        return weights.Kilos;
    }
}
