namespace Draw;

public sealed class Area : IShapeVisitor<double>
{
    public double Visit(Circle circle) => Math.PI * circle.Radius * circle.Radius;
    public double Visit(Square square) => square.Side * square.Side;
    public double Visit(Group group) => 0;
}

public sealed class Names : IShapeVisitor<string>
{
    public string Visit(Circle circle) => "circle";
    public string Visit(Square square) => "square";
    public string Visit(Group group) => $"group of {group.Parts.Count}";
}

public static class Program
{
    public static void Main()
    {
        Shape shape = new Group(new Circle(1), new Square(2));
        Console.WriteLine($"{shape.Accept(new Names())} {shape.Accept(new Area())}");
    }
}
