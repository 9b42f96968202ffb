using System;
using System.Collections.Generic;
using System.Linq;

namespace Harbour;

public class Rota
{
    private readonly List<string> names = new();
    private Func<string, int> order;

    public Rota(Func<string, int> order) { this.order = order; }

    public Func<string, int> Order { set { order = value; } }

    public void Enter(string name) => names.Add(name);

    public List<string> Watches() => names.OrderBy(order).ToList();
}

public static class Office
{
    public static void Main()
    {
        var rota = new Rota(name => name.Length);
        rota.Enter("Ines");
        rota.Order = name => name[0];
        Console.WriteLine(rota.Watches().Count);
    }
}
