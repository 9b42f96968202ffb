namespace Bistro;

public abstract class Course
{
    public abstract void Accept(ICourseVisitor visitor);
}

public class Starter : Course
{
    public int Grams => 120;
    public override void Accept(ICourseVisitor visitor) => visitor.Visit((dynamic)this);
}

public class Main : Course
{
    public int Minutes => 35;
    public override void Accept(ICourseVisitor visitor) => visitor.Visit(this);
}

public interface ICourseVisitor
{
    void Visit(Starter starter);
    void Visit(Main main);
}

public class Timing : ICourseVisitor
{
    public int Total { get; private set; }
    public void Visit(Starter starter) => Total += 5;
    public void Visit(Main main) => Total += main.Minutes;
}
