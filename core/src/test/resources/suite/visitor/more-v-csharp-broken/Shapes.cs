namespace Draw;

public interface IShapeVisitor<out T>
{
    T Visit(Circle circle);
    T Visit(Square square);
    T Visit(Group group);
}

public abstract class Shape { public abstract T Accept<T>(IShapeVisitor<T> visitor); }

public sealed class Circle(double radius) : Shape
{
    public double Radius { get; } = radius;
    public override T Accept<T>(IShapeVisitor<T> visitor) => visitor.Visit(this);
}

public sealed class Square(double side) : Shape
{
    public double Side { get; } = side;
    public override T Accept<T>(IShapeVisitor<T> visitor) => visitor.Visit(this);
}

public sealed class Group(params Shape[] parts) : Shape
{
    public IReadOnlyList<Shape> Parts { get; } = parts;
    public override T Accept<T>(IShapeVisitor<T> visitor) => visitor.Visit(this);
}
