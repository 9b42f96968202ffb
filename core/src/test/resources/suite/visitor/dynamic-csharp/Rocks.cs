namespace Quarry;

public abstract class Rock
{
    public abstract T Accept<T>(IRockVisitor<T> visitor);
}

public class Granite : Rock
{
    public int Hardness { get; init; } = 7;

    public override T Accept<T>(IRockVisitor<T> visitor) => visitor.Visit(this);
}

public class Slate : Rock
{
    public int Layers { get; init; } = 30;

    public override T Accept<T>(IRockVisitor<T> visitor) => visitor.Visit(this);
}

public interface IRockVisitor<out T>
{
    T Visit(Granite granite);
    T Visit(Slate slate);
}

public class Pricing : IRockVisitor<decimal>
{
    public decimal Visit(Granite granite) => granite.Hardness * 12m;
    public decimal Visit(Slate slate) => slate.Layers * 1.5m;
}

public class Labels : IRockVisitor<string>
{
    public string Visit(Granite granite) => $"granite {granite.Hardness}";
    public string Visit(Slate slate) => $"slate {slate.Layers}";
}
