using System.Collections.Generic;
using System.Linq;

namespace Harbour;

public interface ILoad { int Tons { get; } string Label(); }

public record Sack(string Name, int Tons) : ILoad
{
    public string Label() => Name;
}

public class Pallet : ILoad
{
    private readonly List<ILoad> loads = new();
    public void Put(ILoad load) => loads.Add(load);
    public int Tons => loads.Sum(load => load.Tons);
    public string Label() => string.Join(", ", loads.Select(load => load.Label()));
}

public static class Program
{
    public static void Main()
    {
        var pallet = new Pallet();
        pallet.Put(new Sack("coal", 3));
        System.Console.WriteLine(pallet.Label() + pallet.Tons);
    }
}
