using System;
using System.Collections.Generic;

namespace Harbour;

public class Quay
{
    private readonly List<string> berths = new();

    public void Add(string name) => berths.Add(name);

    public IEnumerable<string> Backwards()
    {
        for (var i = berths.Count - 1; i >= 0; i--)
        {
            yield return berths[i];
        }
    }
}

public static class Program
{
    public static void Main()
    {
        var quay = new Quay();
        quay.Add("west");
        foreach (var name in quay.Backwards())
        {
            Console.WriteLine(name);
        }
    }
}
