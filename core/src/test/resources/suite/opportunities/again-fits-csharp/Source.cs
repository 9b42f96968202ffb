namespace Aldera.Source;

public interface IDepthSource
{
    double DepthAt(int x, int y);
    void Close();
}

public sealed class Chart : IDepthSource
{
    public double DepthAt(int x, int y) => x + y;
    public void Close() { System.Console.WriteLine("chart"); }
}

public sealed class Sonar
{
    public double Measure(int x, int y) => x * y;
    public void Close() { System.Console.WriteLine("sonar"); }
}
