using System.Collections.Generic;
public interface ILookout { void Heard(); }
public class Tower : ILookout { public int N; public void Heard() => N++; }
public class FogHorn
{
    private readonly List<ILookout> lookouts = new();
    public void Add(ILookout r) => lookouts.Add(r);
    public void Remove(ILookout r) => lookouts.Remove(r);
    private int blasts;
    public void Blast() { blasts++; lookouts.ForEach(Tell); }
    private static void Tell(ILookout r) => r.Heard();
}
public static class App { public static void Main() { var b = new FogHorn(); b.Add(new Tower()); b.Blast(); } }
