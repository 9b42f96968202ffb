namespace Aldera;
public interface IPen
{
    void Stroke(int length);
}
public class Ink : IPen
{
    private int used;
    public void Stroke(int length) { used += length; }
}
public class Chalk : IPen
{
    private int dust;
    public void Stroke(int length) { dust += length * 2; }
}
public abstract class Mark
{
    protected readonly IPen pen;
    protected Mark(IPen pen) { this.pen = pen; }
    public abstract void Draw();
}
public class Cross : Mark
{
    public Cross(IPen pen) : base(pen) { }
    public override void Draw() { pen.Stroke(3); pen.Stroke(3); }
}
public class Ring : Mark
{
    public Ring(IPen pen) : base(pen) { }
    public override void Draw() { pen.Stroke(9); }
}
public class Chart
{
    public void Plot() { new Cross(new Ink()).Draw(); new Ring(new Chalk()).Draw(); }
}
