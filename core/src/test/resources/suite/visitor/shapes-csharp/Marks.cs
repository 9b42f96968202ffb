namespace Aldera;
public interface IMarkVisitor
{
    void Visit(Buoy buoy);
    void Visit(Beacon beacon);
}
public interface IMark
{
    void Accept(IMarkVisitor visitor);
}
public class Buoy : IMark
{
    public int Depth = 4;
    public void Accept(IMarkVisitor visitor) => visitor.Visit(this);
}
public class Beacon : IMark
{
    public int Height = 9;
    public void Accept(IMarkVisitor visitor) => visitor.Visit(this);
}
public class Painter : IMarkVisitor
{
    private int litres;
    public void Visit(Buoy buoy) { litres += buoy.Depth; }
    public void Visit(Beacon beacon) { litres += beacon.Height * 2; }
}
public class Yard
{
    public void Paint(IMark mark) => mark.Accept(new Painter());
}
