using System.Collections.Generic;

namespace Harbour;

public interface IBerthIterator { bool HasNext(); string Next(); }

public class Quay
{
    private readonly List<string> berths = new();
    public void Add(string berth) => berths.Add(berth);
    public IBerthIterator Walk() => new Forward(berths);
    public IBerthIterator WalkBack() => new Backward(berths);
}

internal class Forward : IBerthIterator
{
    private readonly List<string> berths;
    private int at;
    public Forward(List<string> berths) { this.berths = berths; }
    public bool HasNext() => at < berths.Count;
    public string Next() => berths[at++];
}

internal class Backward : IBerthIterator
{
    private readonly List<string> berths;
    private int at;
    public Backward(List<string> berths) { this.berths = berths; at = berths.Count; }
    public bool HasNext() => at > 0;
    public string Next() => berths[--at];
}

public static class Program
{
    public static void Main()
    {
        var quay = new Quay();
        quay.Add("west");
        for (var walk = quay.Walk(); walk.HasNext();)
        {
            System.Console.WriteLine(walk.Next());
        }
        System.Console.WriteLine(quay.WalkBack().Next());
    }
}
