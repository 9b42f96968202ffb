using System.Collections.Generic;
using System.Linq;
public interface ICargo { int Weight(); }
public class Crate : ICargo { public int Weight() => 1; }
public class Pallet : ICargo
{
    private readonly List<ICargo> cargos = new();
    public void Add(ICargo p) => cargos.Add(p);
    public int Weight() => cargos.Aggregate(0, (n, p) => n + p.Weight());
}
public static class App { public static void Main() { var k = new Pallet(); k.Add(new Crate()); ICargo p = k; System.Console.WriteLine(p.Weight()); } }
