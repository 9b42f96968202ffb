namespace Aldera;

public interface IWorker
{
    void Haul(int tonnes);
    void Paint(string colour);
    int Count();
}

public class Stevedore : IWorker
{
    private int hauled;

    public void Haul(int tonnes) => hauled += tonnes;

    public void Paint(string colour)
    {
    }

    public int Count() => hauled;
}

public class Painter : IWorker
{
    private int coats;

    public void Haul(int tonnes) => throw new System.NotSupportedException();

    public void Paint(string colour) => coats++;

    public int Count() => coats;
}

public static class Program
{
    public static void Main()
    {
        IWorker worker = new Painter();
        worker.Paint("red");
        new Stevedore().Haul(3);
        System.Console.WriteLine(worker.Count());
    }
}
