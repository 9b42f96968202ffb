using System;
using System.Collections.Generic;

namespace Aldera.Customs;

public enum Channel { Green, Orange, Red }

public record Line(string Goods, decimal Value);

public interface IDuty
{
    decimal For(Line line);
    string Name { get; }
}

public sealed class FlatDuty(decimal rate) : IDuty
{
    public decimal For(Line line) => line.Value * rate;
    public string Name => "flat";
}

public sealed class FreeDuty : IDuty
{
    public decimal For(Line line) => 0m;
    public string Name => "free";
}

public partial class Declaration
{
    private readonly List<Line> lines = new();
    public event EventHandler<ClearedArgs>? Cleared;
    public Channel Channel { get; private set; } = Channel.Green;
    public IDuty? Duty { get; set; }

    public Declaration Add(Line line)
    {
        lines.Add(line);
        return this;
    }

    public decimal Total()
    {
        var sum = 0m;
        foreach (var line in lines)
        {
            sum += Duty?.For(line) ?? 0m;
        }
        return sum;
    }
}

public class ClearedArgs : EventArgs
{
    public ClearedArgs(Declaration declaration) => Declaration = declaration;
    public Declaration Declaration { get; }
}
